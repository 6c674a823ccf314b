<?php

declare(strict_types=1);

namespace JackRest\Core\Tool\Kinds;

use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKind;

/** What rounds, hollows and scrapes. Common practice; prices invented. */
final class ShapingKinds
{
    /** @return list<ToolKind> */
    public static function list(): array
    {
        return [
            new ToolKind(
                'flat-spokeshave',
                'flat spokeshave',
                'A small plane between two handles.',
                'Round edges, chamfers, outside curves.',
                'It digs in uphill: turn round at every crest.',
                'spokeshave',
                Group::Shaping,
                40,
                [
                    Dimension::length('iron', 'iron width', 52, 25, 70)->asked(),
                    Dimension::length('length', 'length', 250, 150, 320),
                ],
                [Need::Hone],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'round-spokeshave',
                'round spokeshave',
                'A sole curved along its travel.',
                'Hollow curves.',
                'Hollows tighter than its sole are for a rasp.',
                'spokeshave',
                Group::Shaping,
                45,
                [
                    Dimension::length('radius', 'radius of the sole', 40, 15, 120)->asked(),
                    Dimension::length('iron', 'iron width', 50, 25, 70),
                    Dimension::length('length', 'length', 250, 150, 320),
                ],
                [Need::Hone],
                runningPerYear: 0.5,
            ),
            new ToolKind(
                'drawknife',
                'drawknife',
                'A blade pulled with both hands.',
                'Rough rounds and tapers fast.',
                'The work is held in a vice, the blade kept in a guard.',
                'drawknife',
                Group::Shaping,
                45,
                [Dimension::length('length', 'blade length', 250, 120, 350)->asked()],
                [Need::Hone, Need::Hold],
            ),
            new ToolKind(
                'card-scraper',
                'card scraper',
                'A steel card with a turned edge.',
                'Smooth the wildest grain.',
                'Hot thumbs and dust instead of shavings: turn the edge again.',
                'card',
                Group::Shaping,
                12,
                [Dimension::length('length', 'length', 150, 80, 200), Dimension::length('width', 'width', 60, 40, 100)],
                [Need::Burnish],
                ['mill-file'],
            ),
            new ToolKind(
                'cabinet-scraper',
                'scraper in a body',
                'A scraper held at one angle in a body.',
                'Large surfaces of difficult grain, flat.',
                'Set too deep it chatters.',
                'spokeshave',
                Group::Shaping,
                60,
                [
                    Dimension::length('iron', 'blade width', 70, 50, 90)->asked(),
                    Dimension::length('length', 'length', 280, 200, 330),
                ],
                [Need::Burnish],
                ['mill-file'],
            ),
            new ToolKind(
                'coarse-rasp',
                'coarse rasp',
                'Large stitched teeth.',
                'Shape curves in a hurry, any grain.',
                'Catches on thin edges; needs a handle on its tang.',
                'file',
                Group::Shaping,
                25,
                [Dimension::length('length', 'length', 250, 150, 350)],
                runningPerYear: 2,
            ),
            new ToolKind(
                'fine-rasp',
                'modeller’s rasp',
                'Small, random teeth.',
                'Refine curves before the scraper.',
                'Metal ruins it.',
                'file',
                Group::Shaping,
                55,
                [Dimension::length('length', 'length', 230, 150, 300)],
                runningPerYear: 3,
            ),
            new ToolKind(
                'sanding-block',
                'sanding block',
                'Cork under abrasive paper.',
                'A sanded surface; eases edges.',
                'It rounds what should stay flat. Wood dust harms: wear a mask.',
                'block',
                Group::Shaping,
                6,
                [Dimension::length('length', 'length', 110, 60, 200), Dimension::length('width', 'width', 60, 40, 100)],
                runningPerYear: 15,
            ),
            new ToolKind(
                'hatchet',
                'side hatchet',
                'One flat side, one bevel.',
                'Split and rough out.',
                'Stand so that a miss meets the block.',
                'hatchet',
                Group::Shaping,
                50,
                [Dimension::length('length', 'length', 380, 250, 500), Dimension::length('head', 'edge', 110, 60, 180)],
                [Need::Hone],
            ),
        ];
    }
}

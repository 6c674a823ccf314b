<?php

declare(strict_types=1);

namespace JackRest\Core\Tool\Kinds;

use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\ShopMade;
use JackRest\Core\Tool\ToolKind;

/** What brings edges back. Common practice; prices invented. */
final class SharpeningKinds
{
    /** @return list<ToolKind> */
    public static function list(): array
    {
        return [...self::media(), ...self::helpers(), ...self::files()];
    }

    /** @return list<ToolKind> */
    private static function media(): array
    {
        return [
            new ToolKind(
                'waterstones',
                'waterstones',
                'Two or three stones used wet, coarse to fine.',
                'Shape, sharpen and hone every edge quickly.',
                'They hollow out: flatten them often, keep them from frost.',
                'stone',
                Group::Sharpening,
                110,
                [
                    Dimension::length('length', 'length', 200, 80, 300)->asked(),
                    Dimension::length('width', 'width', 70, 20, 120)->asked(),
                ],
                wants: ['flattening-plate'],
                runningPerYear: 8,
            ),
            new ToolKind(
                'oilstones',
                'oilstones',
                'A coarse and a fine stone used with oil; slow, and they stay flat.',
                'Sharpen and hone; a strop finishes.',
                'Glazed with old oil they stop cutting; never let water near them.',
                'stone',
                Group::Sharpening,
                60,
                [
                    Dimension::length('length', 'length', 200, 80, 300)->asked(),
                    Dimension::length('width', 'width', 50, 20, 120)->asked(),
                ],
                wants: ['strop'],
                runningPerYear: 3,
            ),
            new ToolKind(
                'diamond-plates',
                'diamond plates',
                'Flat steel plates with diamond; dear once, then good for years.',
                'Shape and sharpen, any steel; a strop finishes.',
                'Press lightly: force tears the diamonds out.',
                'plate',
                Group::Sharpening,
                140,
                [
                    Dimension::length('length', 'length', 200, 80, 300)->asked(),
                    Dimension::length('width', 'width', 75, 20, 120)->asked(),
                ],
                wants: ['strop'],
                runningPerYear: 4,
            ),
            new ToolKind(
                'paper-on-glass',
                'abrasive paper on glass',
                'Sheets in four grits stuck to float glass: the cheapest start, the dearest over years.',
                'Shape, sharpen and hone every edge.',
                'A dull sheet rounds the edge over; pull, do not push.',
                'plate',
                Group::Sharpening,
                25,
                [
                    Dimension::length('length', 'length', 300, 100, 600)->asked(),
                    Dimension::length('width', 'width', 230, 50, 400)->asked(),
                ],
                runningPerYear: 40,
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function helpers(): array
    {
        return [
            new ToolKind(
                'strop',
                'strop and compound',
                'Leather on a board, charged with fine compound.',
                'Takes the last burr off and keeps an edge between honings.',
                'It rounds an edge over slowly: back to the stones now and then.',
                'strop',
                Group::Sharpening,
                25,
                [
                    Dimension::length('length', 'length', 280, 100, 500),
                    Dimension::length('width', 'width', 65, 20, 120),
                ],
                making: new ShopMade(8, 45, ['crosscut'], least: ShopMade::ROUGH),
                runningPerYear: 3,
            ),
            new ToolKind(
                'honing-guide',
                'honing guide',
                'Holds a blade at one angle on the stone.',
                'Finds the same angle again each time.',
                'A narrow blade sits crooked: look at the edge, not at the guide.',
                'guide',
                Group::Sharpening,
                25,
                [Dimension::length('length', 'length', 70, 30, 120), Dimension::length('width', 'width', 60, 30, 120)],
            ),
            new ToolKind(
                'flattening-plate',
                'flattening plate',
                'A flat, coarse plate that trues the stones.',
                'Keeps stones flat, so that backs stay flat.',
                'Chalked-up grooves scratch: rinse it while you work.',
                'plate',
                Group::Sharpening,
                45,
                [
                    Dimension::length('length', 'length', 210, 100, 300),
                    Dimension::length('width', 'width', 75, 40, 120),
                ],
                runningPerYear: 2,
            ),
            new ToolKind(
                'grinding-wheel',
                'coarse grinding wheel',
                'A wheel, turned by hand or motor, with a rest.',
                'Takes a nicked or worn bevel back quickly; leaves it hollow.',
                'Heat draws the temper. Eye protection, a sound guarded wheel, no loose sleeves.',
                'wheel',
                Group::Sharpening,
                120,
                [Dimension::length('diameter', 'wheel diameter', 150, 100, 300)->asked()],
                runningPerYear: 5,
            ),
            new ToolKind(
                'burnisher',
                'burnisher',
                'A hard polished rod in a handle.',
                'Turns the burr of a scraper.',
                'A scratched rod tears the burr.',
                'rod',
                Group::Sharpening,
                18,
                [Dimension::length('length', 'length', 220, 80, 350)],
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function files(): array
    {
        return [
            new ToolKind(
                'mill-file',
                'mill file',
                'A flat single-cut file.',
                'Joints saw teeth and squares a scraper’s edge.',
                'Pinned teeth scratch: brush and chalk it.',
                'file',
                Group::Sharpening,
                12,
                [Dimension::length('length', 'length', 250, 100, 350)],
                runningPerYear: 3,
            ),
            new ToolKind(
                'saw-files',
                'triangular saw files',
                'Slim files of three sizes.',
                'Sharpen saw teeth, gullet by gullet.',
                'Too large a file wears three corners at once.',
                'file',
                Group::Sharpening,
                24,
                [Dimension::length('length', 'length', 175, 100, 250)],
                wants: ['saw-set', 'mill-file'],
                runningPerYear: 8,
            ),
            new ToolKind(
                'saw-set',
                'saw set',
                'Pliers that bend every other tooth.',
                'Gives the kerf its width.',
                'Set too low it cracks the plate.',
                'pliers',
                Group::Sharpening,
                35,
                [Dimension::length('length', 'length', 180, 120, 250)],
            ),
            new ToolKind(
                'auger-file',
                'auger bit file',
                'A small file with safe edges at one end and safe faces at the other.',
                'Sharpens spurs on the inside and cutters on their upper face.',
                'Filed on the outside a bit bores small for ever.',
                'file',
                Group::Sharpening,
                14,
                [Dimension::length('length', 'length', 170, 100, 250)],
                runningPerYear: 1,
            ),
        ];
    }
}

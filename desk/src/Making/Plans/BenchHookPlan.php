<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

use JackRest\Core\Basis;
use JackRest\Core\Making\BenchHookSizes;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Desk\Explanation;
use JackRest\Desk\Making\CommonSteps;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\Made;
use JackRest\Desk\Making\MakingPlan;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Making\Part;
use JackRest\Desk\Making\PlanField;
use JackRest\Desk\Making\PlanSizes;
use JackRest\Desk\Making\View;

/**
 * A board with a stop above at its far end and one below at its near end; the stops leave room for the saw beside them.
 * Proportions: common practice, no source.
 */
final readonly class BenchHookPlan implements MakingPlan
{
    public function __construct(private PlanSizes $sizes)
    {
    }

    public static function fields(): array
    {
        return [
            PlanField::length('length', 'Length', 260.0, 120.0, 400.0, '', 10),
            PlanField::length(
                'width',
                'Width',
                static fn (PlanSizes $s): float => BenchHookSizes::usualWidthMm($s->get('length')),
                60.0,
                300.0,
                '',
                10,
            ),
            PlanField::length('thickness', 'Thickness of the board', 18.0, 9.0, 35.0),
            PlanField::length(
                'stop',
                'Height of the stops',
                static fn (PlanSizes $s): float => BenchHookSizes::usualStopMm($s->get('thickness')),
                10.0,
                50.0,
            ),
            PlanField::length('stopWidth', 'Width of the stops', 40.0, 20.0, 80.0),
            PlanField::length(
                'saw',
                'Room for the saw',
                30.0,
                5.0,
                80.0,
                'beside the stop: the saw lands on the board, not on the bench',
            ),
        ];
    }

    public function wrong(LengthFormatter $format): array
    {
        [$s, $shape] = [$this->sizes, $this->shape()];

        return match (true) {
            $s->get('saw') > $shape->mostSawRoomMm() => [
                'saw' => 'The stop would be too short to hold anything: at most '.
                    "{$format->dimension($shape->mostSawRoomMm())}.",
            ],
            $s->get('stopWidth') > $shape->mostStopWidthMm() => [
                'stopWidth' => "At most a third of the length, {$format->dimension($shape->mostStopWidthMm())}.",
            ],
            default => [],
        };
    }

    public function parts(): array
    {
        $s = $this->sizes;

        return [
            new Part(
                'board',
                'board',
                new WantedPiece($s->get('length'), $s->get('width'), $s->get('thickness')),
                'flat; anything close-grained',
            ),
            new Part(
                'stops',
                'stops',
                new WantedPiece($this->shape()->stopLengthMm(), $s->get('stopWidth'), $s->get('stop')),
                'hard, straight-grained',
                2,
            ),
        ];
    }

    public function views(LengthFormatter $format): array
    {
        $s = $this->sizes;
        [$length, $width, $wide, $long] = [
            $s->get('length'),
            $s->get('width'),
            $s->get('stopWidth'),
            $this->shape()->stopLengthMm(),
        ];
        $top = new View(
            'From above',
            $length,
            $width,
            [Path::box(0, 0, $length, $width), Path::box($length - $wide, 0, $wide, $long)],
            [Path::box(0, 0, $wide, $long)],
            [
                Dim::across(0, $length, $width, $format->dimension($length)),
                Dim::down(0, $width, 0, $format->dimension($width)),
                Dim::across($length - $wide, $length, 0, $format->dimension($wide)),
                Dim::down($long, $width, $length, $format->dimension($s->get('saw'))),
            ],
        );
        [$t, $stop] = [$s->get('thickness'), $s->get('stop')];
        $side = new View(
            'From the side',
            $length,
            $t + 2 * $stop,
            [
                Path::box(0, $stop, $length, $t),
                Path::box($length - $wide, 0, $wide, $stop),
                Path::box(0, $stop + $t, $wide, $stop),
            ],
            [],
            [Dim::down(0, $t + 2 * $stop, $length, $format->dimension($t + 2 * $stop))],
        );

        return [$top, $side];
    }

    public function steps(LengthFormatter $format): array
    {
        return [
            CommonSteps::prepare($this->parts(), $format),
            new MakingStep(
                'Square the ends',
                'Knife the stops’ places square across, on both faces.',
                'Square from both edges.',
                10,
                'square, knife',
            ),
            new MakingStep(
                'Glue the stops',
                'Glue one stop above at the far end and one below at the near end, both flush with the same edge, '.
                    "{$format->dimension($this->sizes->get('saw'))} short of the other. No screws where the saw may ".
                    'come.',
                'Square to the edge; no glue in the corner, where dust must go.',
                20,
                'glue, clamps, square',
                CommonSteps::GLUE_DAYS,
                'the glue',
            ),
            CommonSteps::oil(),
            new MakingStep(
                'Try it',
                'Hook it over the bench, push a strip against the stop and saw it off.',
                'It does not rock or creep; the cut is square.',
                5,
                'back saw',
            ),
        ];
    }

    public function tasks(): array
    {
        $s = $this->sizes;

        return [
            Ask::for(
                'crosscut',
                Facts::of(thickness: $s->get('thickness'), width: $s->get('width'), hardness: Hardness::Medium),
            ),
            Ask::for('flatten', Facts::of(length: $s->get('length'), width: $s->get('width'))),
            Ask::for('mark-square', Facts::of(width: $s->get('width')), 4),
            Ask::for('hold'),
        ];
    }

    public function made(): Made
    {
        return new Made('bench-hook', ['length' => $this->sizes->get('length'), 'width' => $this->sizes->get('width')]);
    }

    public function lines(LengthFormatter $format): array
    {
        return [
            "Each stop is {$format->dimension(
                $this->shape()->stopLengthMm(),
            )} long: the width, less the room for the saw. For ".'a left hand turn the drawing over.',
        ];
    }

    public function how(LengthFormatter $format): array
    {
        return [
            new Explanation(
                'How long are the stops?',
                'width − room for the saw',
                "{$format->dimension($this->sizes->get('width'))} − {$format->dimension($this->sizes->get('saw'))}",
                Basis::CommonPractice,
                'no source',
            ),
        ];
    }

    private function shape(): BenchHookSizes
    {
        $s = $this->sizes;

        return new BenchHookSizes($s->get('length'), $s->get('width'), $s->get('stopWidth'), $s->get('saw'));
    }
}

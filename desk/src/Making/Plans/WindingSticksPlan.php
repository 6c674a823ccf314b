<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

use JackRest\Core\Basis;
use JackRest\Core\Making\WindingSticksSizes;
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
use JackRest\Desk\Making\Minutes;
use JackRest\Desk\Making\Part;
use JackRest\Desk\Making\PlanField;
use JackRest\Desk\Making\PlanSizes;
use JackRest\Desk\Making\View;

/**
 * Two parallel straight sticks, planed as one piece and ripped apart, so that what one is out the other is too; along
 * the
 * top of one a strip of contrasting wood. Common practice, no source.
 */
final readonly class WindingSticksPlan implements MakingPlan
{
    public function __construct(private PlanSizes $sizes)
    {
    }

    public static function fields(): array
    {
        return [
            PlanField::length(
                'boardWidth',
                'Widest board you plane',
                250.0,
                60.0,
                700.0,
                'the sticks are nearly twice as long: they enlarge its twist',
                10,
            ),
            PlanField::length(
                'length',
                'Length of the sticks',
                static fn (PlanSizes $s): float => WindingSticksSizes::usualLengthMm($s->get('boardWidth')),
                150.0,
                1200.0,
                '',
                10,
            ),
            PlanField::length(
                'height',
                'Height',
                static fn (PlanSizes $s): float => WindingSticksSizes::usualHeightMm($s->get('length')),
                15.0,
                100.0,
            ),
            PlanField::length('thickness', 'Thickness at the foot', 14.0, 6.0, 30.0, '', 0.5),
            PlanField::length('strip', 'Height of the contrasting strip', 6.0, 2.0, 20.0, '', 0.5),
        ];
    }

    public function wrong(LengthFormatter $format): array
    {
        $s = $this->sizes;

        return match (true) {
            $s->get('length') <= $s->get('boardWidth') => [
                'length' => "Longer than the board is wide, {$format->dimension($s->get('boardWidth'))}, or they ".
                    'enlarge nothing.',
            ],
            $s->get('strip') > $this->shape()->mostStripMm() => [
                'strip' => "At most a third of the height, {$format->dimension($this->shape()->mostStripMm())}.",
            ],
            default => [],
        };
    }

    public function parts(): array
    {
        return [
            new Part('pair', 'both sticks, in one piece', $this->pair(), 'straight, even, unfigured, quartersawn'),
            new Part(
                'strip',
                'contrasting strip',
                new WantedPiece(
                    $this->sizes->get('length'),
                    $this->sizes->get('thickness'),
                    $this->sizes->get('strip'),
                ),
                'dark where the sticks are light, or light where they are dark',
            ),
        ];
    }

    public function views(LengthFormatter $format): array
    {
        $s = $this->sizes;
        [$length, $height, $foot, $strip] = [
            $s->get('length'),
            $s->get('height'),
            $s->get('thickness'),
            $s->get('strip'),
        ];
        $top = $this->shape()->topMm();
        $face = new View(
            'Far stick, face',
            $length,
            $height,
            [
                Path::box(0, 0, $length, $height),
                Path::open([0.0, $strip], [$length, $strip]),
                Path::open([$length / 2, 0.0], [$length / 2, $height]),
            ],
            [],
            [
                Dim::across(0, $length, $height, $format->dimension($length)),
                Dim::down(0, $height, $length, $format->dimension($height)),
                Dim::down(0, $strip, 0, $format->dimension($strip)),
            ],
        );
        $end = new View(
            'End',
            $foot,
            $height,
            [Path::closed([0.0, 0.0], [$top, 0.0], [$foot, $height], [0.0, $height])],
            [],
            [
                Dim::across(0, $foot, $height, $format->dimension($foot)),
                Dim::across(0, $top, 0, $format->dimension($top)),
            ],
        );

        return [$face, $end];
    }

    public function steps(LengthFormatter $format): array
    {
        $s = $this->sizes;

        return [
            CommonSteps::prepare($this->parts(), $format),
            CommonSteps::rest(),
            CommonSteps::again($this->pair(), $format),
            new MakingStep(
                'Glue the strip on',
                "Joint the strip and one edge of the pair, glue it on, {$format->dimension($s->get('strip'))} high ".
                    'when it is planed.',
                'The joint is a line.',
                15,
                'plane, glue, clamps',
                CommonSteps::GLUE_DAYS,
                'the glue',
            ),
            new MakingStep(
                'Rip the pair apart',
                'Joint both outer edges parallel first: they become the feet and stay true. Then rip down the middle.',
                'Both outer edges straight before the saw goes in.',
                round(10 + Minutes::sawn($s->get('length') * $s->get('thickness'))),
                'try plane, rip saw',
            ),
            new MakingStep(
                'Plane the tops as a pair',
                'Put both sticks back to back in the vice, feet level, and plane both tops in one.',
                'Turned end for end they still close, top to top.',
                20,
                'try plane, vice',
            ),
            new MakingStep(
                'Taper their backs and mark the middle',
                "Plane the back from {$format->dimension($s->get('thickness'))} at the foot to ".
                    "{$format->dimension($this->shape()->topMm())} at the top; knife the middle of ".
                    'each.',
                'Each stands by itself.',
                15,
                'plane, knife',
            ),
            CommonSteps::oil(),
            new MakingStep(
                'Test them',
                'Sight them on any board, turn the far one end for end, sight again: half of what changes is its own '.
                    'error.',
                'The first test is written down.',
                10,
                'any board',
            ),
        ];
    }

    public function tasks(): array
    {
        $s = $this->sizes;

        return [
            ...Ask::board($s->get('thickness'), $this->pair()->widthMm, $s->get('length'), Hardness::Medium),
            Ask::for(
                'edge-glue',
                Facts::of(length: $s->get('length'), width: $this->pair()->widthMm, tolerance: Ask::GLUED_MM),
            ),
            Ask::for('check-straight', Facts::of(length: $s->get('length'))),
        ];
    }

    public function made(): Made
    {
        return new Made('winding-sticks', [
            'length' => $this->sizes->get('length'),
            'width' => $this->sizes->get('height'),
        ]);
    }

    public function lines(LengthFormatter $format): array
    {
        return [
            'On a board '.
            $format->dimension($this->sizes->get('boardWidth')).
            ' wide they show its twist '.
            LengthFormatter::decimal($this->sizes->get('length') / $this->sizes->get('boardWidth'), 1).
            ' times as large.',
            "Both come out of one piece {$format->dimension($this->pair()->widthMm)} wide, with ".
            "{$format->dimension(WindingSticksSizes::KERF_MM)} for the saw and its planing.",
        ];
    }

    public function how(LengthFormatter $format): array
    {
        return [
            new Explanation(
                'How much do they enlarge?',
                'length ÷ width of the board',
                "{$format->dimension($this->sizes->get('length'))} ÷ ".
                    "{$format->dimension($this->sizes->get('boardWidth'))}",
                Basis::CommonPractice,
                'geometry',
            ),
        ];
    }

    private function pair(): WantedPiece
    {
        return new WantedPiece(
            $this->sizes->get('length'),
            $this->shape()->pairWidthMm(),
            $this->sizes->get('thickness'),
        );
    }

    private function shape(): WindingSticksSizes
    {
        $s = $this->sizes;

        return new WindingSticksSizes(
            $s->get('boardWidth'),
            $s->get('length'),
            $s->get('height'),
            $s->get('thickness'),
            $s->get('strip'),
        );
    }
}

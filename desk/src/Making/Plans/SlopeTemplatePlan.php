<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\Angle;
use JackRest\Core\Making\SlopeTemplateSizes;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Ask;
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
 * A plate with a fence across it; each of its two sides leans by the slope, one to the left and one to the right, so
 * that
 * tails are marked both ways round from one face. A slope of 1 in n leans by the height of the line ÷ n; an angle by
 * height · tan.
 */
final readonly class SlopeTemplatePlan implements MakingPlan
{
    public function __construct(private PlanSizes $sizes)
    {
    }

    public static function fields(): array
    {
        return [
            PlanField::degrees(
                'slope',
                'Slope',
                SlopeTemplateSizes::usualSlopeDeg(),
                3.0,
                30.0,
                '1:7, 1:8, or degrees',
            ),
            PlanField::length(
                'height',
                'Height of the sloping line',
                60.0,
                15.0,
                200.0,
                'longer than your thickest board',
            ),
            PlanField::length(
                'width',
                'Width at the fence',
                static fn (PlanSizes $s): float => SlopeTemplateSizes::usualWidthMm(
                    $s->get('height'),
                    $s->get('slope'),
                ),
                20.0,
                250.0,
            ),
            PlanField::length('thickness', 'Thickness of the plate', 6.0, 3.0, 15.0, '', 0.5),
            PlanField::length('fence', 'Fence, square in section', 18.0, 8.0, 40.0),
        ];
    }

    public function wrong(LengthFormatter $format): array
    {
        return $this->shape()->isEndTooNarrow()
            ? [
                'width' => "The far end would be {$format->dimension(max(0.0, $this->shape()->endMm()))} wide: take ".
                    "{$format->dimension($this->shape()->leastWidthMm())} at the fence, or a shorter ".
                    'line.',
            ]
            : [];
    }

    public function parts(): array
    {
        $s = $this->sizes;

        return [
            new Part('plate', 'plate', $this->plate(), 'hard, even, quartersawn; grain along the line'),
            new Part(
                'fence',
                'fence',
                new WantedPiece($s->get('width'), $s->get('fence'), $s->get('fence')),
                'hard, straight-grained',
            ),
        ];
    }

    public function views(LengthFormatter $format): array
    {
        $s = $this->sizes;
        [$height, $width, $fence, $lean] = [
            $s->get('height'),
            $s->get('width'),
            $s->get('fence'),
            $this->shape()->leanMm(),
        ];
        $face = new View(
            'Face',
            $width,
            $height + $fence,
            [
                Path::closed([$lean, 0.0], [$width - $lean, 0.0], [$width, $height], [0.0, $height]),
                Path::box(0, $height, $width, $fence),
            ],
            [Path::open([$width / 2, 0.0], [$width / 2, $height])],
            [
                Dim::down(0, $height, $width, $format->dimension($height)),
                Dim::across(0, $width, $height + $fence, $format->dimension($width)),
                Dim::across($lean, $width - $lean, 0, $format->dimension($width - 2 * $lean)),
            ],
        );
        $side = new View(
            'Side',
            $fence,
            $height + $fence,
            [
                Path::box(0, $height, $fence, $fence),
                Path::box(($fence - $s->get('thickness')) / 2, 0, $s->get('thickness'), $height),
            ],
            [],
            [Dim::across(0, $fence, $height + $fence, $format->dimension($fence))],
        );

        return [$face, $side];
    }

    public function steps(LengthFormatter $format): array
    {
        $lean = $format->small($this->shape()->leanMm());

        return [
            CommonSteps::prepare($this->parts(), $format),
            CommonSteps::rest(),
            CommonSteps::again($this->plate(), $format),
            new MakingStep(
                'Glue the fence across',
                'Groove the fence by the plate’s thickness, or glue a half on each face; set it square to the '.
                    'plate’s middle line before the glue grips.',
                'Square to the middle line from both faces.',
                20,
                'groove or two halves, glue, square',
                CommonSteps::GLUE_DAYS,
                'the glue',
            ),
            new MakingStep(
                'Knife the slopes',
                "From the fence’s inner edge knife a line {$format->dimension($this->sizes->get('height'))} up; at ".
                    "its end step $lean in from the side. Join the two, on both sides, on both faces; the printed ".
                    'template has them.',
                'The lines of both faces meet over the end.',
                15,
                'square, knife, dividers',
            ),
            new MakingStep(
                'Saw and pare to the lines',
                'Saw outside the lines, then plane or pare down to them. Left and right are two tests of each other.',
                'Straight; square to the face; the knife line is split.',
                20,
                'dovetail saw, chisel, block plane',
            ),
            CommonSteps::oil(),
            new MakingStep(
                'Test it',
                'Draw along it, turn it over, draw again beside it: the mean is its slope, half the difference its '.
                    'own lean.',
                'The first test is written down.',
                10,
                'knife, rule',
            ),
        ];
    }

    public function tasks(): array
    {
        $s = $this->sizes;

        return [
            ...Ask::board($s->get('thickness'), $s->get('width'), $this->plate()->lengthMm, Hardness::Hard),
            Ask::for('mark-slope'),
            Ask::for('pare'),
        ];
    }

    public function made(): Made
    {
        $s = $this->sizes;

        return new Made('dovetail-template', [
            'slope' => $s->get('slope'),
            'length' => $s->get('height'),
            'width' => $s->get('width'),
        ]);
    }

    public function lines(LengthFormatter $format): array
    {
        return [
            '1 in '.
            LengthFormatter::decimal(1 / Angle::tan($this->sizes->get('slope')), 2).
            ', '.
            LengthFormatter::decimal($this->sizes->get('slope'), 2).
            '°: the line leans by '.
            $format->small($this->shape()->leanMm()).
            " over {$format->dimension($this->sizes->get('height'))}.",
            "At its far end the plate is {$format->dimension($this->shape()->endMm())} wide.",
        ];
    }

    public function how(LengthFormatter $format): array
    {
        return [
            new Explanation(
                'How far does the line lean?',
                'height · tan(slope)',
                "{$format->dimension($this->sizes->get('height'))} · tan(".
                    LengthFormatter::decimal($this->sizes->get('slope'), 2).
                    '°) = '.
                    $format->small($this->shape()->leanMm()),
                Basis::CommonPractice,
                'geometry',
            ),
        ];
    }

    private function plate(): WantedPiece
    {
        $s = $this->sizes;

        return new WantedPiece($this->shape()->plateLengthMm(), $s->get('width'), $s->get('thickness'));
    }

    private function shape(): SlopeTemplateSizes
    {
        $s = $this->sizes;

        return new SlopeTemplateSizes($s->get('slope'), $s->get('height'), $s->get('width'), $s->get('fence'));
    }
}

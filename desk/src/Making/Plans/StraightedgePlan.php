<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

use JackRest\Core\Basis;
use JackRest\Core\Making\BentBatten;
use JackRest\Core\Making\StraightedgeSizes;
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
 * A straightedge with one true edge; its back is drawn round a bent batten and its ends are rounded, so that nobody
 * mistakes it. The arc is the one a batten takes (`bent-batten`), drawn between the roundings.
 */
final readonly class StraightedgePlan implements MakingPlan
{
    private const CHORDS = 48;

    private const READ_AT = 8;

    public function __construct(private PlanSizes $sizes)
    {
    }

    public static function fields(): array
    {
        return [
            PlanField::length('length', 'Length', 900.0, 200.0, 2000.0, 'the board’s diagonal, if it can be', 50),
            PlanField::length(
                'width',
                'Width in the middle',
                static fn (PlanSizes $s): float => StraightedgeSizes::usualWidthMm($s->get('length')),
                20.0,
                150.0,
            ),
            PlanField::length(
                'endWidth',
                'Width at the ends',
                static fn (PlanSizes $s): float => StraightedgeSizes::usualEndWidthMm($s->get('width')),
                8.0,
                150.0,
            ),
            PlanField::length('thickness', 'Thickness', 12.0, 5.0, 30.0, 'thick enough to stand on its edge', 0.5),
            PlanField::length('battenThickness', 'Batten: thickness', 4.0, 1.0, 15.0, 'in the plane of its bend', 0.5),
            PlanField::length('battenWidth', 'Batten: width', 15.0, 2.0, 60.0),
        ];
    }

    public function wrong(LengthFormatter $format): array
    {
        $s = $this->sizes;
        $shape = $this->shape();
        $rise = $shape->riseMm();

        return match (true) {
            $rise <= 0 => ['endWidth' => 'Narrower than the middle, or it looks like two true edges.'],
            $shape->isTooSteep() => [
                'endWidth' => "An arc that rises by {$format->dimension($rise)} is more than a batten takes over ".
                    "that length: {$format->dimension($shape->leastEndWidthMm())} at ".
                    'least.',
            ],
            $shape->breaksBatten() => [
                'battenThickness' => 'So thick it would break: at most '.
                    "{$format->dimension($shape->mostBattenThicknessMm())} for that arc.",
            ],
            default => [],
        };
    }

    public function parts(): array
    {
        return [new Part('straightedge', 'straightedge', $this->piece(), 'straight, even, unfigured, quartersawn')];
    }

    public function views(LengthFormatter $format): array
    {
        $s = $this->sizes;
        [$length, $width, $end, $round] = [
            $s->get('length'),
            $s->get('width'),
            $s->get('endWidth'),
            $this->shape()->roundMm(),
        ];
        $top = $width - $end;
        $corner = static fn (float $at, float $from, float $to): array => array_map(
            static fn (int $chord): array => [
                $at + $round * cos(deg2rad($from + (($to - $from) * $chord) / 12)),
                $top + $round - $round * sin(deg2rad($from + (($to - $from) * $chord) / 12)),
            ],
            range(0, 12),
        );
        $arc = array_map(
            fn (int $chord): array => [
                $round + ($this->shape()->spanMm() * $chord) / self::CHORDS,
                $top -
                BentBatten::offset($this->shape()->spanMm(), $top, ($this->shape()->spanMm() * $chord) / self::CHORDS),
            ],
            range(1, self::CHORDS - 1),
        );
        $outline = Path::closed(
            [0.0, $width],
            ...$corner($round, 180, 90),
            ...$arc,
            ...$corner($length - $round, 90, 0),
            ...[[$length, $width]],
        );
        $dims = [
            Dim::across(0, $length, $width, $format->dimension($length)),
            Dim::down(0, $width, $length, $format->dimension($width)),
            Dim::down($top, $width, 0, $format->dimension($end)),
        ];

        return [
            new View(
                'Face; its lower edge is the true one',
                $length,
                $width,
                [
                    $outline,
                    Path::disc(
                        $length - 1.5 * $round - StraightedgeSizes::HOLE_MM,
                        $top + $end / 2,
                        StraightedgeSizes::HOLE_MM / 2,
                    ),
                ],
                [],
                $dims,
            ),
        ];
    }

    public function steps(LengthFormatter $format): array
    {
        $s = $this->sizes;
        $force = $this->shape()->batten([])->forceN;

        return [
            CommonSteps::prepare($this->parts(), $format),
            CommonSteps::rest(),
            CommonSteps::again($this->piece(), $format),
            new MakingStep(
                'Draw the arc',
                "Drive a pin {$format->dimension($this->shape()->roundMm())} from each end, ".
                    "{$format->dimension($s->get('endWidth'))} from the true edge. Bend a batten of ".
                    "{$format->dimension($s->get('battenThickness'))} × ".
                    "{$format->dimension($s->get('battenWidth'))} against them, its middle ".
                    "{$format->dimension($s->get('width'))} from the true edge – it wants about ".
                    LengthFormatter::decimal($force, 1).
                    ' N, '.
                    LengthFormatter::decimal($force / 9.81, 2).
                    ' kg – and draw along it. Draw the round ends from the template.',
                'The line is fair, seen low along it.',
                10,
                'batten, pins, pencil',
            ),
            new MakingStep(
                'Saw and shape the back',
                'Saw close to the line, then down to it with the plane, the ends with a spokeshave. Never the true '.
                    'edge.',
                'Fair to the finger, with no flat.',
                round(10 + Minutes::sawn($s->get('length') * $s->get('thickness'))),
                'saw, plane, spokeshave',
            ),
            new MakingStep(
                'Bore the hole',
                "Bore {$format->dimension(StraightedgeSizes::HOLE_MM)} through near one end, from both faces.",
                'It hangs with the true edge to the wall.',
                5,
                'brace and bit',
            ),
            CommonSteps::oil(),
            new MakingStep(
                'True its edge and test it',
                'Draw along it, turn it over its long axis, draw again: the gap is twice the error. Plane where it '.
                    'is proud, and test again.',
                'The first test is written down.',
                30,
                'try plane, pencil',
            ),
        ];
    }

    public function tasks(): array
    {
        $s = $this->sizes;

        return [
            ...Ask::board($s->get('thickness'), $s->get('width'), $s->get('length'), Hardness::Hard),
            Ask::for('saw-curve', Facts::of(thickness: $s->get('thickness'))),
            Ask::for(
                'shape-convex',
                Facts::of(radius: $this->shape()->batten([])->radiusMm, thickness: $s->get('thickness')),
            ),
            Ask::for('bore', Facts::of(diameter: StraightedgeSizes::HOLE_MM, hardness: Hardness::Hard)),
            Ask::for('check-straight', Facts::of(length: $s->get('length'))),
        ];
    }

    public function made(): Made
    {
        return new Made('straightedge', [
            'length' => $this->sizes->get('length'),
            'width' => $this->sizes->get('width'),
        ]);
    }

    public function lines(LengthFormatter $format): array
    {
        $stations = array_map(
            fn (int $part): float => ($this->shape()->spanMm() * $part) / self::READ_AT,
            range(0, self::READ_AT / 2),
        );
        $batten = $this->shape()->batten($stations);
        $heights = array_map(
            fn (float $at, float $offset): string => $format->dimension($this->shape()->roundMm() + $at).
                ': '.
                $format->dimension($this->sizes->get('endWidth') + $offset),
            $stations,
            $batten->offsetsMm,
        );

        return [
            'Width of the back from one end to the middle, and the same from the other: '.
            implode('; ', $heights).
            '.',
            'The batten is tightest in the middle, with a radius of '.
            $format->dimension(round($batten->radiusMm)).
            '; a circle through the same three points would stand up to '.
            $format->small($this->shape()->fromCircleMm()).
            ' further out.',
            'Holding it takes '.
            LengthFormatter::decimal($batten->forceN, 1).
            ' N; its outer fibre is strained by '.
            LengthFormatter::decimal($batten->strainPct, 2).
            ' %.',
        ];
    }

    public function how(LengthFormatter $format): array
    {
        $rise = $this->sizes->get('width') - $this->sizes->get('endWidth');

        return [
            new Explanation(
                'Which arc does a batten take?',
                'y = f · x · (3L² − 4x²) ÷ L³',
                "f = {$format->dimension($rise)}, L = {$format->dimension($this->shape()->spanMm())}",
                Basis::Published,
                'beam equation of Euler and Bernoulli; stiffness of 11 GPa from memory',
            ),
        ];
    }

    private function piece(): WantedPiece
    {
        return new WantedPiece($this->sizes->get('length'), $this->sizes->get('width'), $this->sizes->get('thickness'));
    }

    private function shape(): StraightedgeSizes
    {
        $s = $this->sizes;

        return new StraightedgeSizes(
            $s->get('length'),
            $s->get('width'),
            $s->get('endWidth'),
            $s->get('battenThickness'),
            $s->get('battenWidth'),
        );
    }
}

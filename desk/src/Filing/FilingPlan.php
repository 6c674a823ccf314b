<?php

declare(strict_types=1);

namespace JackRest\Desk\Filing;

use JackRest\Core\Calculation\Rounding;
use JackRest\Core\Filing\SawState;
use JackRest\Core\Filing\SawTeethResult;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\AtBench\StepDrawing;
use JackRest\Desk\AtBench\StepShape;

/**
 * How a saw is brought back: joint, shape, set, file, in this order (common practice).
 *
 * A gullet takes ⌈lowered ÷ what a stroke lowers it⌉ strokes, two at least; a stroke lowers a gullet of a plate 0.8 mm
 * thick by 0.02 mm, in a thicker plate less. Seconds for a stroke and for going on to the next tooth. All from memory,
 * to be replaced by the user's own counts.
 */
final readonly class FilingPlan
{
    private const LOWERS_MM = 0.02;

    private const USUAL_PLATE_MM = 0.8;

    private const LEAST_STROKES = 2;

    private const STROKE_SECONDS = 1.5;

    private const NEXT_SECONDS = 2.0;

    private const SET_SECONDS = 3.0;

    /** Set is renewed when it is this much short, mm. */
    private const SHORT_OF_SET_MM = 0.02;

    /**
     * @param  list<FilingStep>  $steps
     * @param  int  $strokes  of the file in each gullet
     * @param  float  $loweredMm  how much lower the tips stand afterwards
     */
    private function __construct(public array $steps, public int $strokes, public float $loweredMm)
    {
    }

    /**
     * @param  float|null  $setMm  the set it has, to one side; null: not measured
     * @param  float  $wantedSetMm  the set it shall have
     */
    public static function of(
        SawState $state,
        SawTeethResult $teeth,
        int $count,
        float $plateMm,
        ?float $setMm,
        float $wantedSetMm,
        string $file,
        bool $isFleamed,
        LengthFormatter $format,
    ): self {
        $joint = $state->jointMm();
        $lowered = $state === SawState::Retooth ? $teeth->heightMm : $joint;
        $strokes = max(
            self::LEAST_STROKES,
            Rounding::up($lowered / ((self::LOWERS_MM * self::USUAL_PLATE_MM) / max(0.2, $plateMm))),
        );
        $flat = $format->small((max($joint, 0.05) * $teeth->pitchMm) / $teeth->heightMm);
        $sizes = ['pitch' => $teeth->pitchMm, 'height' => $teeth->heightMm, 'front' => $teeth->frontMm];
        $filed = new StepShape(StepDrawing::FileTeeth, $sizes);
        $steps = [];
        if ($joint > 0.0) {
            $passes = max(2, Rounding::up($joint / 0.025));
            $steps[] = new FilingStep(
                'flat file',
                'Run it along the tips, level and square to the plate.',
                $passes,
                $passes === 1 ? 'stroke' : 'strokes',
                20.0 + 4 * $passes,
                'Every tip shows a bright flat.',
                new StepShape(StepDrawing::Joint, $sizes),
            );
        }
        if ($state === SawState::Uneven || $state === SawState::Retooth) {
            $steps[] = new FilingStep(
                $file,
                'Shape each gullet, square across: work where its flats are widest.',
                $count,
                'gullets',
                $count * ($strokes * self::STROKE_SECONDS + self::NEXT_SECONDS),
                $state === SawState::Retooth
                    ? 'A gullet at every line of the template, all of one depth.'
                    : "Gullets of one depth, flats of one width, about $flat.",
                $filed,
            );
        }
        if ($setMm === null ? $state !== SawState::TouchUp : $setMm < $wantedSetMm - self::SHORT_OF_SET_MM) {
            $half = intdiv($count + 1, 2);
            foreach (['toward you: every other tooth', 'turned round: the teeth between'] as $side => $which) {
                $teethOfSide = $side === 0 ? $half : $count - $half;
                $steps[] = new FilingStep(
                    'saw set',
                    ucfirst($which).
                        ', '.
                        $format->small($wantedSetMm).
                        ' to its side, the upper half of the tooth only.',
                    $teethOfSide,
                    'teeth',
                    $teethOfSide * self::SET_SECONDS,
                    'Sighted along the tips, both sides stand in one line.',
                    new StepShape(StepDrawing::SetTeeth, [...$sizes, 'plate' => $plateMm, 'set' => $wantedSetMm]),
                );
            }
        }
        $finish = $state === SawState::Uneven || $state === SawState::Retooth ? self::LEAST_STROKES : $strokes;
        $half = intdiv($count + 1, 2);
        foreach (['every other gullet, from this side', 'turned round: the gullets between'] as $side => $which) {
            $gullets = $side === 0 ? $half : $count - $half;
            $steps[] = new FilingStep(
                $file,
                ucfirst($which).
                    ", $finish strokes in each".
                    ($isFleamed ? ', the handle turned toward the heel by the fleam.' : ', straight across.'),
                $gullets,
                'gullets',
                $gullets * ($finish * self::STROKE_SECONDS + self::NEXT_SECONDS),
                $side === 0 ? 'Half of each flat is gone.' : 'The flats are just gone: not one stroke more.',
                $filed,
            );
        }
        $steps[] = new FilingStep(
            'fine stone',
            'Once along each side, flat on the plate.',
            2,
            'strokes',
            20.0,
            'The burr is off; a test cut runs straight.',
        );

        return new self($steps, $strokes, $joint);
    }

    public function seconds(): float
    {
        return array_sum(array_map(static fn (FilingStep $step): float => $step->seconds, $this->steps));
    }
}

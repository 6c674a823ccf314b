<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\CamberStrokes;
use JackRest\Core\Edge\CamberStrokesInput;
use JackRest\Core\Edge\CamberStrokesResult;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Count;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** The curve of a plane iron as far as it was chosen: how deep, and how many strokes at each place make it. */
final readonly class CurveForm
{
    /** A low bed, bevel up, to compare with. */
    private const LOW_BED_DEG = 12.0;

    private const USUAL_BED_DEG = 45.0;

    /** Without a secondary bevel on record, the curve is honed on a narrow one; from memory. */
    private const NARROW_MM = 1.0;

    /**
     * @param  string|null  $objection  why there is no curve
     */
    private function __construct(
        public Blade $blade,
        public Form $form,
        public ?CamberStrokesResult $curve,
        public ?CamberStrokesResult $otherBed,
        public ?string $objection,
        public ?HoningStone $stone,
        private LengthFormatter $format,
    ) {
    }

    /**
     * @param  array<string, string>  $typed  relief or radius
     * @param  HoningStone|null  $stone  what it is made on; null: none is on the rack
     */
    public static function of(Blade $blade, array $typed, ?HoningStone $stone, LengthFormatter $format): self
    {
        $form = Form::of(self::fields($format), $typed, $format);
        [$relief, $radius] = [$form->value('relief'), $form->value('radius')];
        if ($relief !== null && $radius !== null) {
            $form = $form->doubted('radius', 'The relief is taken; leave one of the two empty.');
            $radius = null;
        }
        if ($relief === null && $radius === null) {
            return new self($blade, $form, null, null, null, $stone, $format);
        }
        try {
            $bed = $blade->bedDeg ?? self::USUAL_BED_DEG;
            $curve = self::strokes($blade, $bed, $relief, $radius, $stone);

            return new self(
                $blade,
                $form,
                $curve,
                self::strokes(
                    $blade,
                    self::isLow($blade) ? self::USUAL_BED_DEG : self::LOW_BED_DEG,
                    $curve->reliefMm,
                    null,
                    $stone,
                ),
                null,
                $stone,
                $format,
            );
        } catch (InvalidInput $wrong) {
            $field = $wrong->errors[0]->field === 'radiusMm' ? 'radius' : 'relief';
            $form = $form->refused($field, ucfirst($wrong->errors[0]->message).'.');

            return new self($blade, $form, null, null, $wrong->errors[0]->message, $stone, $format);
        }
    }

    /** @return list<FormField> */
    public static function fields(LengthFormatter $format): array
    {
        $relief = "Relief at the corners: up to {$format->dimension(20)}.";
        $radius = "A radius is between {$format->dimension(10)} and {$format->dimension(20000)}.";

        return [
            new FormField('relief', Quantity::Length, 0.001, 20, 'Corners stand back by', complaint: $relief),
            new FormField('radius', Quantity::Length, 10, 20000, 'Radius', complaint: $radius),
        ];
    }

    public function isSound(): bool
    {
        return $this->curve !== null && $this->form->isSound();
    }

    public function next(): Advice
    {
        if ($this->curve === null) {
            return new Advice(
                'Choose what the iron is for, or type how far its corners are to stay back.',
                'Then you see how many strokes at each place make that curve.',
            );
        }
        if ($this->stone === null) {
            return new Advice(
                'Lay a stone on the rack first.',
                'How many strokes it takes depends on what it is made on.',
            );
        }
        $parts = [];
        foreach (array_slice($this->curve->places, 0, intdiv(count($this->curve->places), 2)) as $index => $place) {
            $parts[] =
                "$place->strokes at ".
                ($index === 0
                    ? 'each corner'
                    : ($index === 1
                        ? 'each quarter'
                        : $this->format->dimension(abs($place->atMm)).' from the middle'));
        }

        return new Advice(
            ucfirst(implode(', ', $parts)).
                ': '.
                ($this->curve->strokes === 1 ? 'one stroke' : "{$this->curve->strokes} strokes").
                ' in all.',
            "On the {$this->stone->name}, pressing with one finger there, none in the middle. Stop and look at the "
                .'edge against a straight one between rounds.',
        );
    }

    /** @return list<string> */
    public function lines(): array
    {
        [$curve, $other] = [$this->curve, $this->otherBed];
        if ($curve === null || $other === null) {
            return [];
        }
        $small = fn (float $mm): string => $this->format->small($mm);
        $isLow = self::isLow($this->blade);
        // Strokes are told only where it is known what they are made on.
        $strokes = $this->stone === null ? '' : ', '.Count::of($other->strokes, 'stroke');
        $bed = LengthFormatter::decimal($this->otherBedDeg(), 0);

        return [
            "The corners stand back {$small($curve->sagMm)} on the iron, which the wood sees as "
                ."{$small($curve->reliefMm)}.",
            'That is a radius of '.$this->format->dimension(round($curve->radiusMm)).'.',
            $isLow
                ? "On a bed of {$bed}° the same relief needs only {$small($other->sagMm)} of curve{$strokes}."
                : "Bevel up on a bed of {$bed}° the same relief needs {$small($other->sagMm)} of curve{$strokes}.",
        ];
    }

    /** The bed it is compared with, degrees. */
    public function otherBedDeg(): float
    {
        return self::isLow($this->blade) ? self::USUAL_BED_DEG : self::LOW_BED_DEG;
    }

    /** @return list<Explanation> */
    public function how(): array
    {
        $curve = $this->curve;
        if ($curve === null) {
            return [];
        }
        $corner = $curve->places[0];

        return [
            new Explanation(
                'How far back is a corner?',
                'relief ÷ sin bed',
                $this->format->small($curve->reliefMm).
                    ' ÷ sin '.
                    LengthFormatter::decimal($this->blade->bedDeg ?? self::USUAL_BED_DEG, 1).
                    '° = '.
                    $this->format->small($curve->sagMm),
                Basis::Published,
                'geometry',
            ),
            new Explanation(
                'How many strokes at the outermost place?',
                'what comes off square to the bevel ÷ what a stroke takes there',
                LengthFormatter::decimal($corner->removeUm, 1).' µm: '.$corner->strokes.' strokes',
                Basis::Model,
                'F. W. Preston 1927, the constant from memory; your own counts replace it',
            ),
        ];
    }

    private static function isLow(Blade $blade): bool
    {
        return ($blade->bedDeg ?? self::USUAL_BED_DEG) < 30.0;
    }

    private static function strokes(
        Blade $blade,
        float $bedDeg,
        ?float $reliefMm,
        ?float $radiusMm,
        ?HoningStone $stone,
    ): CamberStrokesResult {
        $isOne = $blade->secondaryDeg <= $blade->primaryDeg;
        $contact =
            $isOne
                ? $blade->bevelLengthMm()
                : ($blade->microWidthMm > 0.0
                    ? $blade->microWidthMm
                    : self::NARROW_MM);

        return (new CamberStrokes())(
            new CamberStrokesInput(
                $blade->widthMm,
                $bedDeg,
                max($blade->primaryDeg, $blade->secondaryDeg),
                $contact,
                $stone?->particleUm() ?? 15.0,
                $radiusMm,
                $reliefMm,
                cutFactor: $stone->cutFactor ?? 1.0,
                primaryDeg: $isOne ? null : $blade->primaryDeg,
            ),
        );
    }
}

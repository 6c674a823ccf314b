<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\BackBevel;
use JackRest\Core\Edge\BackBevelInput;
use JackRest\Core\Edge\BevelAngle;
use JackRest\Core\Edge\BevelAngleInput;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\Camber;
use JackRest\Core\Edge\CamberInput;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\EdgeGeometry;
use JackRest\Core\Edge\GeometryField;
use JackRest\Core\Edge\Steel;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Measure\Figure;

/** What an edge's figures make together, as far as they are typed; the rest is on record. */
final readonly class GeometryForm
{
    /**
     * @param  array<string, Figure>  $figures  by {@see GeometryField}
     * @param  Blade  $blade  as typed
     * @param  string|null  $objection  what does not go together
     */
    private function __construct(
        public array $figures,
        public Blade $blade,
        public ?EdgeGeometry $geometry,
        public ?string $objection,
        public ?float $leftMm,
        public LengthFormatter $format,
    ) {
    }

    /**
     * @param  array<string, string>  $typed  by the values of {@see GeometryField}
     * @param  array{bevelUp: bool, steel: Steel, duty: EdgeDuty}  $chosen
     * @param  float|null  $honingMm  how far one honing takes the edge back, mm; null: as a dull edge usually does
     */
    public static function of(Blade $onRecord, array $typed, array $chosen, ?float $leftMm, LengthFormatter $format, ?float $honingMm = null): self
    {
        $figures = self::figures($onRecord, $typed, $format);
        $value = static fn (GeometryField $field): ?float => ($figures[$field->value] ?? null)?->value;
        try {
            $blade = self::blade($onRecord, $value, $chosen);

            return new self($figures, $blade, EdgeGeometry::of($blade, $value(GeometryField::Nick), $honingMm), null, $value(GeometryField::Left) ?? $leftMm, $format);
        } catch (InvalidInput $wrong) {
            return new self($figures, $onRecord, null, ucfirst($wrong->errors[0]->message).'.', $leftMm, $format);
        }
    }

    public function isSound(): bool
    {
        return $this->geometry !== null && array_filter($this->figures, static fn (Figure $figure): bool => $figure->error !== null) === [];
    }

    /**
     * @param  array<string, string>  $typed
     * @return array<string, Figure>
     */
    private static function figures(Blade $onRecord, array $typed, LengthFormatter $format): array
    {
        $usual = ['width' => $onRecord->widthMm, 'thickness' => $onRecord->thicknessMm, 'bevelLength' => $onRecord->bevelLengthMm()];
        $figures = [];
        foreach (GeometryField::of($onRecord->form) as $field) {
            $figures[$field->value] = Figure::of($typed[$field->value] ?? '', $field->unit(), $format, $usual[$field->value] ?? null)->within(...$field->limits());
        }

        return $figures;
    }

    /**
     * @param  callable(GeometryField): (float|null)  $value
     * @param  array{bevelUp: bool, steel: Steel, duty: EdgeDuty}  $chosen
     *
     * @throws InvalidInput
     */
    private static function blade(Blade $onRecord, callable $value, array $chosen): Blade
    {
        $thickness = $value(GeometryField::Thickness) ?? $onRecord->thicknessMm;
        $bevel = $value(GeometryField::BevelLength);
        $primary = $bevel === null ? $onRecord->primaryDeg : (new BevelAngle)(new BevelAngleInput($thickness, $bevel))->angleDeg;
        $secondary = $value(GeometryField::Honed) ?? max($onRecord->secondaryDeg, $primary);
        if ($secondary < $primary - 1e-9) {
            throw InvalidInput::because('honed', 'the honed angle cannot be flatter than the ground one ('.LengthFormatter::decimal($primary, 1).'°)');
        }
        $blade = $onRecord->with([
            'widthMm' => $value(GeometryField::Width) ?? $onRecord->widthMm,
            'thicknessMm' => $thickness,
            'primaryDeg' => $primary,
            'secondaryDeg' => $secondary,
            'microWidthMm' => $value(GeometryField::MicroWidth) ?? $onRecord->microWidthMm,
            'bedDeg' => $value(GeometryField::Bed) ?? $onRecord->bedDeg,
            'skewDeg' => $value(GeometryField::Skew) ?? $onRecord->skewDeg,
            'wheelMm' => $value(GeometryField::Wheel) ?? $onRecord->wheelMm,
            'honedMm' => $value(GeometryField::HonedOff) ?? $onRecord->honedMm,
            'bevelUp' => $chosen['bevelUp'],
            'steel' => $chosen['steel'],
            'duty' => $chosen['duty'],
            'finishUm' => $chosen['duty'] === $onRecord->duty ? $onRecord->finishUm : $chosen['duty']->finishUm(),
        ]);

        return self::withCurve(self::withBackBevel($blade, $value), $value);
    }

    /** @param  callable(GeometryField): (float|null)  $value */
    private static function withBackBevel(Blade $blade, callable $value): Blade
    {
        $shim = $value(GeometryField::Shim);
        $reach = $value(GeometryField::Reach);

        return $shim === null || $reach === null ? $blade : $blade->with(['backBevelDeg' => (new BackBevel)(new BackBevelInput($shim, $reach))->backBevelDeg]);
    }

    /** @param  callable(GeometryField): (float|null)  $value */
    private static function withCurve(Blade $blade, callable $value): Blade
    {
        $relief = $value(GeometryField::Relief);

        return $relief === null || $blade->bedDeg === null ? $blade : $blade->with(['radiusMm' => (new Camber)(new CamberInput($blade->widthMm, $blade->bedDeg, reliefMm: $relief))->radiusMm]);
    }
}

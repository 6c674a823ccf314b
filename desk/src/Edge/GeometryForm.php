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
use JackRest\Core\Edge\Steel;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Form;

/** What an edge's figures make together, as far as they are typed; the rest is on record. */
final readonly class GeometryForm
{
    /**
     * @param  Blade  $blade  as typed
     * @param  string|null  $objection  what does not go together
     */
    private function __construct(
        public Form $form,
        public Blade $blade,
        public ?EdgeGeometry $geometry,
        public ?string $objection,
        public ?float $leftMm,
        public LengthFormatter $format,
    ) {
    }

    /**
     * @param  array<string, string>  $typed  by the names of {@see GeometryFields}
     * @param  array{bevelUp: bool, steel: Steel, duty: EdgeDuty}  $chosen
     * @param  float|null  $honingMm  how far one honing takes the edge back, mm; null: as a dull edge usually does
     */
    public static function of(
        Blade $onRecord,
        array $typed,
        array $chosen,
        ?float $leftMm,
        LengthFormatter $format,
        ?float $honingMm = null,
    ): self {
        $form = Form::of(GeometryFields::of($onRecord), $typed, $format);
        try {
            $blade = self::blade($onRecord, $form, $chosen);

            return new self(
                $form,
                $blade,
                EdgeGeometry::of($blade, $form->value('nick'), $honingMm),
                null,
                $form->value('left') ?? $leftMm,
                $format,
            );
        } catch (InvalidInput $wrong) {
            return new self($form, $onRecord, null, ucfirst($wrong->errors[0]->message).'.', $leftMm, $format);
        }
    }

    public function isSound(): bool
    {
        return $this->geometry !== null && $this->form->isSound();
    }

    /**
     * @param  array{bevelUp: bool, steel: Steel, duty: EdgeDuty}  $chosen
     *
     * @throws InvalidInput
     */
    private static function blade(Blade $onRecord, Form $form, array $chosen): Blade
    {
        $thickness = $form->value('thickness') ?? $onRecord->thicknessMm;
        $bevel = $form->value('bevelLength');
        $primary =
            $bevel === null
                ? $onRecord->primaryDeg
                : (new BevelAngle())(new BevelAngleInput($thickness, $bevel))->angleDeg;
        $secondary = $form->value('honed') ?? max($onRecord->secondaryDeg, $primary);
        if ($secondary < $primary - 1e-9) {
            throw InvalidInput::because(
                'honed',
                'the honed angle cannot be flatter than the ground one ('.
                    LengthFormatter::decimal($primary, 1).
                    '°)',
            );
        }
        $blade = $onRecord->with([
            'widthMm' => $form->value('width') ?? $onRecord->widthMm,
            'thicknessMm' => $thickness,
            'primaryDeg' => $primary,
            'secondaryDeg' => $secondary,
            'microWidthMm' => $form->value('microWidth') ?? $onRecord->microWidthMm,
            'bedDeg' => $form->value('bed') ?? $onRecord->bedDeg,
            'skewDeg' => $form->value('skew') ?? $onRecord->skewDeg,
            'wheelMm' => $form->value('wheel') ?? $onRecord->wheelMm,
            'honedMm' => $form->value('honedOff') ?? $onRecord->honedMm,
            'bevelUp' => $chosen['bevelUp'],
            'steel' => $chosen['steel'],
            'duty' => $chosen['duty'],
            'finishUm' => $chosen['duty'] === $onRecord->duty ? $onRecord->finishUm : $chosen['duty']->finishUm(),
        ]);

        return self::withCurve(self::withBackBevel($blade, $form), $form);
    }

    private static function withBackBevel(Blade $blade, Form $form): Blade
    {
        $shim = $form->value('shim');
        $reach = $form->value('reach');

        return $shim === null || $reach === null
            ? $blade
            : $blade->with(['backBevelDeg' => (new BackBevel())(new BackBevelInput($shim, $reach))->backBevelDeg]);
    }

    private static function withCurve(Blade $blade, Form $form): Blade
    {
        $relief = $form->value('relief');

        return $relief === null || $blade->bedDeg === null
            ? $blade
            : $blade->with([
                'radiusMm' => (new Camber())(new CamberInput($blade->widthMm, $blade->bedDeg, reliefMm: $relief))
                    ->radiusMm,
            ]);
    }
}

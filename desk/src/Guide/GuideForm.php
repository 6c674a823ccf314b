<?php

declare(strict_types=1);

namespace JackRest\Desk\Guide;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\GuideCalibrate;
use JackRest\Core\Edge\GuideCalibrateInput;
use JackRest\Core\Edge\GuideCalibrateResult;
use JackRest\Core\Edge\GuideProjection;
use JackRest\Core\Edge\GuideProjectionInput;
use JackRest\Core\Edge\GuideSetting;
use JackRest\Core\Edge\GuideStop;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** A honing guide as far as it has been measured: where its axle lies, and its stops. */
final readonly class GuideForm
{
    /** Settings that disagree by more than this are asked about; from memory. */
    private const DOUBTFUL_DEG = 0.5;

    /**
     * @param  Form  $form  roller, and projection and angle by number: projection0, angle0, …, stop0, …
     * @param  list<GuideSetting>  $settings
     * @param  list<GuideStop>  $stops
     * @param  string|null  $objection  why there is no calibration, or what is wrong with a stop
     */
    private function __construct(
        public Form $form,
        public ?float $rollerMm,
        public array $settings,
        public ?GuideCalibrateResult $axle,
        public array $stops,
        public ?string $objection,
        public LengthFormatter $format,
    ) {
    }

    /**
     * @param  list<array{projection: string, angle: string}>  $settings
     * @param  list<string>  $stops  angles
     */
    public static function of(string $roller, array $settings, array $stops, LengthFormatter $format): self
    {
        $typed = ['roller' => $roller];
        foreach ($settings as $index => $setting) {
            $typed["projection$index"] = $setting['projection'];
            $typed["angle$index"] = $setting['angle'];
        }
        foreach ($stops as $index => $stop) {
            $typed["stop$index"] = $stop;
        }
        $form = Form::of(self::fields(count($settings), count($stops)), $typed, $format);
        $measured = self::settings($form, count($settings));
        [$axle, $objection] = self::calibrate($form->value('roller'), $measured);
        [$answers, $wrong] = self::stops($form->value('roller'), $axle, $form, count($stops));

        return new self($form, $form->value('roller'), $measured, $axle, $answers, $objection ?? $wrong, $format);
    }

    public function isSound(): bool
    {
        return $this->axle !== null && $this->objection === null && $this->form->isSound();
    }

    public function next(): Advice
    {
        if ($this->axle === null) {
            return new Advice(
                $this->objection ?? 'Hone a blade at two settings, and measure each.',
                'How far it stands out of the guide, and the angle that came of it: two far apart tell where the '
                    .'axle is.',
            );
        }
        if ($this->axle->residualDeg > self::DOUBTFUL_DEG) {
            return new Advice(
                'Measure again: the settings disagree by '.LengthFormatter::fixed($this->axle->residualDeg, 1).'°.',
                'One of the lengths or angles was misread, or the blade sat askew.',
            );
        }
        $stops = array_map(
            fn (GuideStop $stop): string => LengthFormatter::decimal($stop->angleDeg, 1).
                '° at '.
                $this->format->dimension($stop->projectionMm),
            $this->stops,
        );

        return new Advice(
            $stops === [] ? 'Type the angles you hone at.' : 'Set '.implode(', ', $stops).'.',
            'Print the board once, glue stops to it, and never measure again.',
        );
    }

    /** @return list<FormField> */
    public static function fields(int $settings, int $stops): array
    {
        $angle = static fn (string $name): FormField => new FormField(
            $name,
            Quantity::Degrees,
            10,
            60,
            'Angle',
            complaint: 'A guide holds between 10° and 60°.',
        );
        $projection = static fn (string $name): FormField => new FormField(
            $name,
            Quantity::Length,
            1,
            200,
            'Blade stands out',
            complaint: 'A blade stands out between 1 and 200 mm.',
            expected: 35.0,
        );
        $roller = 'A roller is between 3 and 60 mm thick.';
        $fields = [new FormField('roller', Quantity::Length, 3, 60, 'Roller', complaint: $roller, expected: 12.0)];
        for ($index = 0; $index < $settings; $index++) {
            $fields = [...$fields, $projection("projection$index"), $angle("angle$index")];
        }
        for ($index = 0; $index < $stops; $index++) {
            $fields[] = $angle("stop$index");
        }

        return $fields;
    }

    /**
     * @return list<GuideSetting>
     */
    private static function settings(Form $form, int $count): array
    {
        $settings = [];
        for ($index = 0; $index < $count; $index++) {
            [$projection, $angle] = [$form->value("projection$index"), $form->value("angle$index")];
            if ($projection !== null && $angle !== null) {
                $settings[] = new GuideSetting($projection, $angle);
            }
        }

        return $settings;
    }

    /**
     * @param  list<GuideSetting>  $settings
     * @return array{GuideCalibrateResult|null, string|null}
     */
    private static function calibrate(?float $roller, array $settings): array
    {
        if ($roller === null || count($settings) < 2) {
            return [null, null];
        }
        try {
            return [(new GuideCalibrate())(new GuideCalibrateInput($roller, $settings)), null];
        } catch (InvalidInput $wrong) {
            return [
                null,
                'The settings '.
                lcfirst(preg_replace('/^settings(\[\d+\]\.\w+)?:?\s*/', '', $wrong->errors[0]->message) ?? '').
                '.',
            ];
        }
    }

    /**
     * @return array{list<GuideStop>, string|null}
     */
    private static function stops(?float $roller, ?GuideCalibrateResult $axle, Form $form, int $count): array
    {
        $stops = [];
        for ($index = 0; $index < $count; $index++) {
            $deg = $form->value("stop$index");
            if ($deg === null || $axle === null || $roller === null) {
                continue;
            }
            try {
                $stops[] = (new GuideProjection())(
                    new GuideProjectionInput($roller, $axle->axleSetbackMm, $axle->axleDropMm, [$deg]),
                )->projections[0];
            } catch (InvalidInput $wrong) {
                return [
                    $stops,
                    LengthFormatter::decimal($deg, 1).
                    '° '.
                    preg_replace('/ \([^)]*\)$/', '', $wrong->errors[0]->message).
                    '.',
                ];
            }
        }

        return [$stops, null];
    }
}

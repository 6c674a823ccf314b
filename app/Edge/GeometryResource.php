<?php

declare(strict_types=1);

namespace App\Edge;

use App\Edge\Answer\DrawnBladeAnswer;
use App\Edge\Answer\DutyAnswer;
use App\Edge\Answer\GeometryLineAnswer;
use App\Edge\Answer\GeometryPageAnswer;
use App\Edge\Answer\GeometryPreviewAnswer;
use App\Http\Answer\FieldAnswer;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\EdgeGeometry;
use JackRest\Core\Edge\GeometryLine;
use JackRest\Core\Edge\Steel;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Edge\GeometryFields;
use JackRest\Desk\Edge\GeometryForm;
use JackRest\Desk\Edge\GeometryWords;
use JackRest\Desk\Form\FormField;

/** An edge's geometry: what can be typed, and what the figures make together. */
final class GeometryResource
{
    public static function page(Edge $edge, LengthFormatter $format): GeometryPageAnswer
    {
        return new GeometryPageAnswer(
            edge: EdgeResource::of($edge, $format),
            fields: array_map(
                static fn (FormField $field): FieldAnswer => FieldAnswer::of(
                    $field,
                    $format,
                    self::onRecord($edge, $field, $format),
                ),
                GeometryFields::of($edge->toCore()),
            ),
            hasBed: $edge->form->hasBed(),
            bevelUp: $edge->bevel_up,
            steel: $edge->steel->value,
            duty: $edge->duty->value,
            steels: WordAnswer::each(Steel::cases()),
            duties: array_map(
                static fn (EdgeDuty $duty): DutyAnswer => new DutyAnswer(
                    value: $duty->value,
                    label: $duty->label(),
                    because: $duty->because(),
                    finish: 'to about '.LengthFormatter::decimal($duty->finishUm(), 1).' µm',
                ),
                EdgeDuty::cases(),
            ),
        );
    }

    public static function preview(GeometryForm $form, LengthFormatter $format): GeometryPreviewAnswer
    {
        $words = $form->geometry === null ? null : new GeometryWords($form->geometry, $format);

        return new GeometryPreviewAnswer(
            figures: $form->form->readings,
            objection: $form->objection,
            lines: array_map(
                static fn (GeometryLine $line): GeometryLineAnswer => new GeometryLineAnswer(
                    label: $line->label,
                    text: $line->text,
                    says: $line->says,
                ),
                $words?->lines() ?? [],
            ),
            warnings: $form->geometry->cutting->warnings ?? [],
            drawn: $form->geometry === null ? null : self::drawn($form->geometry, $form, $format),
            next: NextAnswer::of(
                $words?->next() ?? new Advice((string) $form->objection, 'The drawing stands as it was.'),
            ),
            sound: $form->isSound(),
            how: $words?->explained() ?? [],
        );
    }

    private static function drawn(
        EdgeGeometry $geometry,
        GeometryForm $form,
        LengthFormatter $format,
    ): DrawnBladeAnswer {
        $blade = $geometry->blade;

        return new DrawnBladeAnswer(
            form: $blade->form->value,
            widthMm: $blade->widthMm,
            thicknessMm: $blade->thicknessMm,
            primaryDeg: $blade->primaryDeg,
            secondaryDeg: $blade->secondaryDeg,
            microWidthMm: $geometry->micro->widthMm ?? 0.0,
            backBevelDeg: $blade->backBevelDeg,
            wheelMm: $blade->wheelMm,
            hollowMm: $geometry->hollow->hollowDepthMm ?? 0.0,
            honedMm: $blade->honedMm,
            bedDeg: $blade->bedDeg,
            bevelUp: $blade->bevelUp,
            skewDeg: $blade->skewDeg,
            cuttingDeg: $geometry->cutting?->cuttingDeg,
            clearanceDeg: $geometry->cutting?->clearanceDeg,
            radiusMm: $blade->radiusMm,
            sagMm: $geometry->camber->sagMm ?? 0.0,
            reliefMm: $geometry->camber->reliefMm ?? 0.0,
            nickMm: $form->form->value('nick') ?? null,
            nickRoute: $geometry->nick?->route,
            width: $format->dimension($blade->widthMm),
            thickness: $format->dimension($blade->thicknessMm),
            microWidth: $format->small($geometry->micro->widthMm ?? 0.0),
            hollow: $format->small($geometry->hollow->hollowDepthMm ?? 0.0),
            sag: $format->small($geometry->camber->sagMm ?? 0.0),
            relief: $format->small($geometry->camber->reliefMm ?? 0.0),
        );
    }

    private static function onRecord(Edge $edge, FormField $field, LengthFormatter $format): string
    {
        $value = match ($field->name) {
            'width' => $edge->width_mm,
            'thickness' => $edge->thickness_mm,
            'bevelLength' => $edge->toCore()->bevelLengthMm(),
            'honed' => $edge->secondary_deg,
            'microWidth' => $edge->micro_width_mm,
            'bed' => $edge->bed_deg,
            'skew' => $edge->skew_deg,
            'wheel' => $edge->wheel_mm,
            'honedOff' => $edge->wheel_mm === null ? null : $edge->honed_mm,
            'left' => $edge->left_mm,
            default => null,
        };

        return match (true) {
            $value === null => '–',
            $field->quantity->isLength() => $format->typed(round($value, 2)),
            default => LengthFormatter::decimal($value, 1),
        };
    }
}

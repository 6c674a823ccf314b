<?php

declare(strict_types=1);

namespace App\Edge;

use App\Http\FieldResource;
use App\Http\Shared;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\EdgeGeometry;
use JackRest\Core\Edge\GeometryLine;
use JackRest\Core\Edge\NickRoute;
use JackRest\Core\Edge\Steel;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Edge\GeometryFields;
use JackRest\Desk\Edge\GeometryForm;
use JackRest\Desk\Edge\GeometryWords;
use JackRest\Desk\Form\Field;

/** An edge's geometry: what can be typed, and what the figures make together. */
final class GeometryResource
{
    /** @return array<string, mixed> */
    public static function page(Edge $edge, LengthFormatter $format): array
    {
        return [
            'edge' => EdgeResource::of($edge, $format),
            'fields' => array_map(
                static fn (Field $field): array => FieldResource::of(
                    $field,
                    $format,
                    self::onRecord($edge, $field, $format),
                ),
                GeometryFields::of($edge->toCore()),
            ),
            'hasBed' => $edge->form->hasBed(),
            'bevelUp' => $edge->bevel_up,
            'steel' => $edge->steel->value,
            'duty' => $edge->duty->value,
            'steels' => array_map(
                static fn (Steel $steel): array => ['value' => $steel->value, 'label' => $steel->label()],
                Steel::cases(),
            ),
            'duties' => array_map(
                static fn (EdgeDuty $duty): array => [
                    'value' => $duty->value,
                    'label' => $duty->label(),
                    'because' => $duty->because(),
                    'finish' => 'to about '.LengthFormatter::decimal($duty->finishUm(), 1).' µm',
                ],
                EdgeDuty::cases(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(GeometryForm $sheet, LengthFormatter $format): array
    {
        $words = $sheet->geometry === null ? null : new GeometryWords($sheet->geometry, $format);

        return [
            'figures' => FieldResource::readings($sheet->form),
            'objection' => $sheet->objection,
            'lines' => array_map(
                static fn (GeometryLine $line): array => [
                    'label' => $line->label,
                    'text' => $line->text,
                    'says' => $line->says,
                ],
                $words?->lines() ?? [],
            ),
            'warnings' => $sheet->geometry->cutting->warnings ?? [],
            'drawn' => $sheet->geometry === null ? null : self::drawn($sheet->geometry, $sheet, $format),
            'next' => Shared::advice(
                $words?->next() ?? new Advice((string) $sheet->objection, 'The drawing stands as it was.'),
            ),
            'sound' => $sheet->isSound(),
            'how' => Shared::how($words?->explained() ?? []),
        ];
    }

    /** @return array<string, mixed> */
    private static function drawn(EdgeGeometry $geometry, GeometryForm $sheet, LengthFormatter $format): array
    {
        $blade = $geometry->blade;

        return [
            'form' => $blade->form->value,
            'widthMm' => $blade->widthMm,
            'thicknessMm' => $blade->thicknessMm,
            'primaryDeg' => $blade->primaryDeg,
            'secondaryDeg' => $blade->secondaryDeg,
            'microWidthMm' => $geometry->micro->widthMm ?? 0.0,
            'backBevelDeg' => $blade->backBevelDeg,
            'wheelMm' => $blade->wheelMm,
            'hollowMm' => $geometry->hollow->hollowDepthMm ?? 0.0,
            'honedMm' => $blade->honedMm,
            'bedDeg' => $blade->bedDeg,
            'bevelUp' => $blade->bevelUp,
            'skewDeg' => $blade->skewDeg,
            'cuttingDeg' => $geometry->cutting?->cuttingDeg,
            'clearanceDeg' => $geometry->cutting?->clearanceDeg,
            'radiusMm' => $blade->radiusMm,
            'sagMm' => $geometry->camber->sagMm ?? 0.0,
            'reliefMm' => $geometry->camber->reliefMm ?? 0.0,
            'nickMm' => $sheet->form->value('nick') ?? null,
            'nickRoute' => match ($geometry->nick?->route) {
                NickRoute::Hone => 'hone',
                NickRoute::Grind => 'grind',
                null => null,
            },
            'width' => $format->dimension($blade->widthMm),
            'thickness' => $format->dimension($blade->thicknessMm),
            'microWidth' => $format->small($geometry->micro->widthMm ?? 0.0),
            'hollow' => $format->small($geometry->hollow->hollowDepthMm ?? 0.0),
            'sag' => $format->small($geometry->camber->sagMm ?? 0.0),
            'relief' => $format->small($geometry->camber->reliefMm ?? 0.0),
        ];
    }

    private static function onRecord(Edge $edge, Field $field, LengthFormatter $format): string
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

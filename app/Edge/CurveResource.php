<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Http\FieldResource;
use App\Http\Shared;
use App\Rack\RackOfBench;
use JackRest\Core\Edge\CamberPlace;
use JackRest\Core\Edge\CurveRole;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Edge\CurveForm;

/** The curve of a plane iron: as it is on record, and as it is chosen. */
final class CurveResource
{
    /** @return array<string, mixed> */
    public static function page(Bench $bench, Edge $edge, LengthFormatter $format): array
    {
        $stones = array_values(
            array_filter(
                (new RackOfBench($bench))->forPlan(),
                static fn (HoningStone $stone): bool => $stone->medium->hones(),
            ),
        );

        return [
            'edge' => EdgeResource::of($edge, $format),
            'radius' => $edge->radius_mm === null ? '' : $format->typed(round($edge->radius_mm, 1)),
            'roles' => array_map(
                static fn (CurveRole $role): array => [
                    'value' => $role->value,
                    'label' => $role->label(),
                    'why' => $role->why(),
                    'reliefs' => array_map(
                        static fn (Hardness $hardness): array => [
                            'wood' => $hardness->value,
                            'relief' => $format->typed($role->reliefMm($hardness)),
                        ],
                        Hardness::cases(),
                    ),
                ],
                CurveRole::cases(),
            ),
            'woods' => array_map(
                static fn (Hardness $hardness): array => ['value' => $hardness->value, 'label' => $hardness->label()],
                Hardness::cases(),
            ),
            'stones' => array_map(
                static fn (HoningStone $stone): array => ['value' => $stone->id, 'label' => $stone->name],
                $stones,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(CurveForm $sheet): array
    {
        $curve = $sheet->curve;

        return [
            'figures' => FieldResource::readings($sheet->form),
            'widthMm' => $sheet->blade->widthMm,
            'radiusMm' => $curve?->radiusMm,
            'sagMm' => $curve?->sagMm,
            'other' => $sheet->otherBed === null
                    ? null
                    : [
                        'radiusMm' => $sheet->otherBed->radiusMm,
                        'sagMm' => $sheet->otherBed->sagMm,
                        'bed' => LengthFormatter::decimal($sheet->otherBedDeg(), 0),
                    ],
            'places' => $sheet->stone === null
                    ? []
                    : array_map(
                        static fn (CamberPlace $place): array => ['atMm' => $place->atMm, 'strokes' => $place->strokes],
                        $curve->places ?? [],
                    ),
            'lines' => $sheet->lines(),
            'next' => Shared::advice($sheet->next()),
            'sound' => $sheet->isSound(),
            'how' => Shared::how($sheet->how()),
        ];
    }
}

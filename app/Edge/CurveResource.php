<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Edge\Answer\CurvePageAnswer;
use App\Edge\Answer\CurvePlaceAnswer;
use App\Edge\Answer\CurvePreviewAnswer;
use App\Edge\Answer\CurveReliefAnswer;
use App\Edge\Answer\CurveRoleAnswer;
use App\Edge\Answer\OtherBedAnswer;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use App\Stone\RackOfBench;
use JackRest\Core\Edge\CamberPlace;
use JackRest\Core\Edge\CurveRole;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Edge\CurveForm;

/** The curve of a plane iron: as it is on record, and as it is chosen. */
final class CurveResource
{
    public static function page(Bench $bench, Edge $edge, LengthFormatter $format): CurvePageAnswer
    {
        $stones = array_values(
            array_filter(
                (new RackOfBench($bench))->forPlan(),
                static fn (HoningStone $stone): bool => $stone->medium->hones(),
            ),
        );

        return new CurvePageAnswer(
            edge: EdgeResource::of($edge, $format),
            radius: $edge->radius_mm === null ? '' : $format->typed(round($edge->radius_mm, 1)),
            roles: array_map(
                static fn (CurveRole $role): CurveRoleAnswer => new CurveRoleAnswer(
                    value: $role->value,
                    label: $role->label(),
                    why: $role->why(),
                    reliefs: array_map(
                        static fn (Hardness $hardness): CurveReliefAnswer => new CurveReliefAnswer(
                            wood: $hardness->value,
                            relief: $format->typed($role->reliefMm($hardness)),
                        ),
                        Hardness::cases(),
                    ),
                ),
                CurveRole::cases(),
            ),
            woods: WordAnswer::each(Hardness::cases()),
            stones: array_map(
                static fn (HoningStone $stone): WordAnswer => new WordAnswer(value: $stone->id, label: $stone->name),
                $stones,
            ),
        );
    }

    public static function preview(CurveForm $form): CurvePreviewAnswer
    {
        $curve = $form->curve;

        return new CurvePreviewAnswer(
            figures: $form->form->readings,
            widthMm: $form->blade->widthMm,
            radiusMm: $curve?->radiusMm,
            sagMm: $curve?->sagMm,
            other: $form->otherBed === null
                ? null
                : new OtherBedAnswer(
                    radiusMm: $form->otherBed->radiusMm,
                    sagMm: $form->otherBed->sagMm,
                    bed: LengthFormatter::decimal($form->otherBedDeg(), 0),
                ),
            places: $form->stone === null
                ? []
                : array_map(
                    static fn (CamberPlace $place): CurvePlaceAnswer => new CurvePlaceAnswer(
                        atMm: $place->atMm,
                        strokes: $place->strokes,
                    ),
                    $curve->places ?? [],
                ),
            lines: $form->lines(),
            next: NextAnswer::of($form->next()),
            sound: $form->isSound(),
            how: $form->how(),
        );
    }
}

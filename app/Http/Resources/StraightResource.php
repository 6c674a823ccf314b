<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Straight;
use App\Models\User;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\ShavingPass;
use JackRest\Core\Truing\StraightedgeMethod;
use JackRest\Desk\Truing\StraightedgeForm;
use JackRest\Desk\Truing\StrokeWords;

/** A straightedge on its own page, and under test. */
final class StraightResource
{
    /** Places that a test begins with; a user puts in more or others. */
    private const PLACES = 5;

    /** More strokes than this are not drawn one by one. */
    private const DRAWN = 60;

    /** @return array<string, mixed> */
    public static function page(Straight $straight, User $user, LengthFormatter $format): array
    {
        return [
            'straight' => [
                'id' => $straight->id,
                'version' => $straight->version,
                'name' => $straight->name,
                'says' => $straight->says($format),
                'lengthMm' => $straight->length_mm,
                'heightMm' => $straight->height_mm,
                'due' => $straight->due(),
            ],
            'fields' => [
                'lineWidth' => $format->typed($straight->line_width_mm),
                'shaving' => $format->typed($straight->shaving_mm),
                'tolerance' => $format->typed($straight->tolerance_mm),
                'flatTo' => $format->typed($straight->flat_to_mm),
                'height' => $straight->height_mm === null ? '' : $format->typed(round($straight->height_mm, 2)),
                'least' => $straight->least_mm === null ? '' : $format->typed($straight->least_mm),
            ],
            'places' => array_map(static fn (int $place): string => $format->typed(round($straight->length_mm * $place / (self::PLACES - 1))), range(0, self::PLACES - 1)),
            'against' => StraightedgeMethod::from((string) ($straight->tests->last()->readings['against'] ?? StraightedgeMethod::Reversal->value))->value,
            'methods' => array_map(static fn (StraightedgeMethod $method): array => ['value' => $method->value, 'label' => $method->label()], StraightedgeMethod::cases()),
            'instrument' => ($user->instrument ?? $straight->instrument)->value,
            'instruments' => Shared::instruments($format),
            'history' => HistoryResource::of($straight, $format),
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(StraightedgeForm $sheet, ?float $learntMm, LengthFormatter $format): array
    {
        $advice = $sheet->next();
        $passes = $advice->takeOff ? $sheet->map()->passes ?? [] : [];

        return [
            'rows' => array_map(static fn (array $row): array => ['at' => FieldResource::reading($row['at']), 'gap' => FieldResource::reading($row['gap'])], $sheet->rows),
            'readings' => array_map(FieldResource::reading(...), $sheet->readings),
            'objection' => $sheet->objection,
            'result' => self::result($sheet, $format),
            'standing' => $advice->far,
            'next' => Shared::stroke($advice),
            'strokes' => array_map(static fn (array $kind): array => self::stroke($kind[0], $kind[1], $format), StrokeWords::kinds($passes)),
            'leaves' => self::leaves($sheet, $passes),
            'strokeCount' => count($passes),
            'learnt' => Shared::learnt($learntMm, $format),
            'how' => Shared::how($sheet->explained()),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function result(StraightedgeForm $sheet, LengthFormatter $format): ?array
    {
        $result = $sheet->result;
        if ($result === null || $sheet->test === null) {
            return null;
        }

        return [
            'straightnessMm' => $result->straightnessMm,
            'uncertaintyMm' => $sheet->uncertaintyMm,
            'straightness' => $format->small($result->straightnessMm),
            'shape' => $result->shape->label(),
            'verdict' => $sheet->verdict()?->value,
            'worstAt' => $format->dimension($result->worstAtMm),
            'removeMost' => $format->small(max([0.0, ...$result->removeMm])),
            'stations' => array_map(static fn (float $at, float $deviation, float $remove): array => ['atMm' => $at, 'heightMm' => $deviation, 'removeMm' => $remove, 'remove' => $format->small($remove)], $sheet->test->stationsMm, $result->deviationMm, $result->removeMm),
        ];
    }

    /** @return array<string, mixed> */
    private static function stroke(ShavingPass $pass, int $count, LengthFormatter $format): array
    {
        return ['fromMm' => $pass->fromMm, 'toMm' => $pass->toMm, 'count' => $count, 'says' => $pass->fromMm === $pass->toMm ? 'at '.$format->dimension($pass->fromMm) : $format->dimension($pass->fromMm).' to '.$format->dimension($pass->toMm)];
    }

    /**
     * What stands above the line that is planed to, before the first stroke and after each.
     *
     * @param  list<ShavingPass>  $passes
     * @return list<list<float>> mm at each station
     */
    private static function leaves(StraightedgeForm $sheet, array $passes): array
    {
        if ($sheet->result === null || $sheet->test === null) {
            return [];
        }
        $shaving = $sheet->readings['shaving']->value ?? 0.0;
        $left = $sheet->result->removeMm;
        $leaves = [$left];
        foreach (array_slice($passes, 0, self::DRAWN) as $pass) {
            $left = array_map(static fn (float $at, float $mm): float => $at >= $pass->fromMm && $at <= $pass->toMm ? $mm - $shaving : $mm, $sheet->test->stationsMm, $left);
            $leaves[] = $left;
        }

        return $leaves;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Straight;
use App\Models\StraightTest;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\ShavingPass;
use JackRest\Core\Truing\StraightSheet;
use JackRest\Core\Truing\StrokeWords;

/** Straightedges: on the list, on their own page, and under test. */
final class StraightResource
{
    /** Places that a test begins with; a user puts in more or others. */
    private const PLACES = 5;

    /** More strokes than this are not drawn one by one. */
    private const DRAWN = 60;

    /** @return array<string, mixed> */
    public static function of(Straight $straight, LengthFormatter $format): array
    {
        $last = $straight->tests->last();

        return [
            'id' => $straight->id,
            'version' => $straight->version,
            'name' => $straight->name,
            'says' => "{$format->dimension($straight->length_mm)} long".($straight->height_mm === null ? '' : ", {$format->dimension($straight->height_mm)} high"),
            'lengthMm' => $straight->length_mm,
            'heightMm' => $straight->height_mm,
            'due' => $straight->due(),
            'lastError' => $last === null ? null : $format->small($last->straightness_mm).' ± '.$format->small($last->uncertainty_mm),
            'testedAt' => $last?->tested_at,
        ];
    }

    /** @return array<string, mixed> */
    public static function page(Straight $straight, LengthFormatter $format): array
    {
        return [
            'straight' => self::of($straight, $format),
            'fields' => ['lineWidth' => $format->typed($straight->line_width_mm), 'shaving' => $format->typed($straight->shaving_mm), 'tolerance' => $format->typed($straight->tolerance_mm)],
            'places' => array_map(static fn (int $place): string => $format->typed(round($straight->length_mm * $place / (self::PLACES - 1))), range(0, self::PLACES - 1)),
            'instrument' => $straight->instrument->value,
            'instruments' => Shared::instruments($format),
            'tests' => array_values($straight->tests->map(static fn (StraightTest $test): array => self::test($test, $format))->all()),
            'toleranceMm' => $straight->tolerance_mm,
            'tolerance' => $format->small($straight->tolerance_mm),
            'droppedOn' => $straight->dropped_on,
        ];
    }

    /** @return array<string, mixed> */
    private static function test(StraightTest $test, LengthFormatter $format): array
    {
        return [
            'id' => $test->id,
            'testedAt' => $test->tested_at,
            'straightnessMm' => $test->straightness_mm,
            'uncertaintyMm' => $test->uncertainty_mm,
            'error' => $format->small($test->straightness_mm),
            'shape' => $test->shape->label(),
            'verdict' => $test->verdict->value,
            'strokesTaken' => $test->strokes_taken,
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(StraightSheet $sheet, ?float $learntMm, LengthFormatter $format): array
    {
        $advice = $sheet->advice();
        $passes = $advice->takeOff ? $sheet->map()->passes ?? [] : [];

        return [
            'rows' => array_map(static fn (array $row): array => ['at' => Shared::reading($row['at']), 'gap' => Shared::reading($row['gap'])], $sheet->rows),
            'readings' => array_map(Shared::reading(...), $sheet->readings),
            'objection' => $sheet->objection,
            'result' => self::result($sheet, $format),
            'standing' => $advice->standing,
            'next' => ['says' => $advice->nextStroke, 'why' => $advice->why, 'takeOff' => $advice->takeOff],
            'strokes' => array_map(static fn (array $kind): array => self::stroke($kind[0], $kind[1], $format), StrokeWords::kinds($passes)),
            'leaves' => self::leaves($sheet, $passes),
            'strokeCount' => count($passes),
            'learnt' => $learntMm === null ? null : ['says' => 'Your last shavings were '.$format->small($learntMm).' thick, by what they took.', 'typed' => $format->typed(round($learntMm, 3))],
            'how' => Shared::how($sheet->explained()),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function result(StraightSheet $sheet, LengthFormatter $format): ?array
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
    private static function leaves(StraightSheet $sheet, array $passes): array
    {
        if ($sheet->result === null || $sheet->test === null) {
            return [];
        }
        $shaving = $sheet->readings['shaving']->mm ?? 0.0;
        $left = $sheet->result->removeMm;
        $leaves = [$left];
        foreach (array_slice($passes, 0, self::DRAWN) as $pass) {
            $left = array_map(static fn (float $at, float $mm): float => $at >= $pass->fromMm && $at <= $pass->toMm ? $mm - $shaving : $mm, $sheet->test->stationsMm, $left);
            $leaves[] = $left;
        }

        return $leaves;
    }
}

<?php

declare(strict_types=1);

namespace App\Climate;

use App\Bench\Bench;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use JackRest\Core\Season\AirByDay;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Season\DayOfAir;

/**
 * A stretch of the air summed up day by day when it comes in. Its readings never change, so this never does; it is
 * made of them alone and can be made anew.
 *
 * @property int $climate_stretch_id
 * @property int $readings
 * @property int $from_second since 1970, of its first reading
 * @property int $until_second of its last
 * @property list<array{int, int, float, float, float, float, float}> $days day, readings, °C, per cent, lowest,
 *     highest, rest
 */
final class AirDays extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'climate_stretch_id';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['days' => 'array'];
    }

    public static function keep(ClimateStretch $stretch): void
    {
        self::query()->create(['climate_stretch_id' => $stretch->id, ...self::columns($stretch->toCore())]);
    }

    /**
     * @param  list<array{float, float, float}>  $rows  day, °C, per cent
     * @return array{
     *     readings: int, from_second: int, until_second: int,
     *     days: list<array{int, int, float, float, float, float, float}>,
     * }
     */
    public static function columns(array $rows): array
    {
        $seconds = array_map(
            static fn (array $row): int => (int) round($row[0] * ClimateLine::SECONDS_PER_DAY),
            $rows,
        );

        return [
            'readings' => count($rows),
            'from_second' => min([PHP_INT_MAX, ...$seconds]),
            'until_second' => max([0, ...$seconds]),
            'days' => array_map(static fn (DayOfAir $day): array => [
                $day->day,
                $day->readings,
                round($day->tempC, 4),
                round($day->rhPct, 4),
                $day->lowRhPct,
                $day->highRhPct,
                round($day->restPct, 5),
            ], (new ClimateLog($rows))->daily()),
        ];
    }

    /** All that a bench knows of its air. */
    public static function of(Bench $bench): AirByDay
    {
        $known = self::byStretch($bench);
        $twice = self::thatOverlap($known);
        $days = array_map(static fn (self $one): array => $one->toCore(), array_diff_key($known, $twice));
        $rows = ClimateStretch::of($bench)
            ->whereKey(array_keys($twice))
            ->oldest('id')
            ->get(['id', 'readings'])
            ->map(static fn (ClimateStretch $stretch): array => $stretch->toCore())
            ->all();

        return AirByDay::of(array_merge(
            $rows === [] ? [] : (new ClimateLog(array_merge(...array_values($rows))))->daily(),
            ...array_values($days),
        ));
    }

    /**
     * Files that tell of the same hours, as when one was taken in again and its removal undone: of two readings at the
     * same time the first counts, which their sums do not tell.
     *
     * @param  array<int, self>  $known  by the id of the stretch
     * @return array<int, self>
     */
    private static function thatOverlap(array $known): array
    {
        $files = array_filter($known, static fn (self $one): bool => $one->readings > 1);
        uasort($files, static fn (self $one, self $other): int => $one->from_second <=> $other->from_second);
        $overlap = [];
        $before = null;
        foreach ($files as $id => $file) {
            if ($before !== null && $file->from_second <= $before->until_second) {
                $overlap[$before->climate_stretch_id] = $before;
                $overlap[$id] = $file;
            }
            $before = $before === null || $file->until_second > $before->until_second ? $file : $before;
        }

        return $overlap;
    }

    /** @return array<int, self> by the id of the stretch, the oldest first */
    public static function byStretch(Bench $bench): array
    {
        $live = DB::table('climate_stretches')->where('bench_id', $bench->id)->whereNull('deleted_at')->select('id');
        $by = [];
        foreach (self::query()->whereIn('climate_stretch_id', $live)->orderBy('climate_stretch_id')->get() as $one) {
            $by[$one->climate_stretch_id] = $one;
        }

        return $by;
    }

    /** @return list<DayOfAir> */
    private function toCore(): array
    {
        return array_map(static fn (array $day): DayOfAir => new DayOfAir(
            $day[0],
            $day[1],
            (float) $day[2],
            (float) $day[3],
            (float) $day[4],
            (float) $day[5],
            (float) $day[6],
            $day[0],
        ), $this->days);
    }
}

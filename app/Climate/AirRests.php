<?php

declare(strict_types=1);

namespace App\Climate;

use App\Bench\Bench;
use App\Sum\Sum;
use App\Sum\Sums;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Season\RestLog;

/** What the air asked of wood, in quarters of a day, of all that was taken in: what season and shelf reckon with. */
final class AirRests implements Sum
{
    public function name(): string
    {
        return 'air-rests';
    }

    public function subjects(Bench $bench): Builder
    {
        return DB::table('benches')->where('id', $bench->id)->select('id');
    }

    public function made(Bench $bench, array $ids): array
    {
        $log = self::log($bench);

        return [$bench->id => [
            array_map(
                static fn (float $day): int => (int) round($day * ClimateLine::SECONDS_PER_DAY),
                $log->days,
            ),
            $log->rests,
        ]];
    }

    public static function of(Bench $bench): RestLog
    {
        /** @var array{list<int>, list<float>} $kept */
        $kept = Sums::of(new self(), $bench)[$bench->id] ?? [[], []];

        return new RestLog(array_map(
            static fn (int $second, float|int $rest): array => [
                $second / ClimateLine::SECONDS_PER_DAY,
                (float) $rest,
            ],
            $kept[0],
            $kept[1],
        ));
    }

    private static function log(Bench $bench): RestLog
    {
        $rows = [];
        foreach (ClimateStretch::of($bench)->oldest('id')->toBase()->pluck('rests') as $json) {
            assert(is_string($json));
            /** @var list<array{int, float|int}> $rests */
            $rests = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
            foreach ($rests as [$second, $rest]) {
                $rows[] = [$second / ClimateLine::SECONDS_PER_DAY, (float) $rest];
            }
        }

        return new RestLog($rows);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Climate\AirDays;
use App\Climate\ClimateStretch;
use App\Climate\ClimateTable;
use App\Ledger\DiaryEntry;
use JackRest\Core\Season\AirByDay;
use JackRest\Core\Season\DayOfAir;

/** The air summed up when it comes in is what its hours say, whatever was taken in, taken out and brought back. */
final class AirDaysTest extends HttpTestCase
{
    public function test_the_sums_are_those_of_the_hours(): void
    {
        self::assertSummed();
        $this->ask('POST', '/api/season/air', [
            'figures' => ['temperature' => '14', 'humidity' => '61'],
        ])->assertCreated();
        self::assertSummed();
        $lines = "time;temperature;humidity\n";
        for ($hour = 0; $hour < 200; $hour++) {
            $time = gmdate('Y-m-d H:i', 1_600_000_000 + 5000 * $hour);
            $lines .= sprintf("%s;%.1f;%d\n", $time, $hour % 30, 40 + $hour % 50);
        }
        $this->ask('POST', '/api/files/climate', ['text' => $lines, 'name' => 'air.csv'])->assertSuccessful();
        self::assertSummed();
        $file = ClimateStretch::of(self::bench())->latest('id')->firstOrFail();
        $this->ask('DELETE', "/api/season/stretches/{$file->id}", ['version' => $file->version])->assertOk();
        self::assertSummed();
        $removal = DiaryEntry::of(self::bench())->latest('id')->firstOrFail();
        // Taken in again, and the removal undone: every hour of it is known twice, and counts once.
        $this->ask('POST', '/api/files/climate', ['text' => $lines, 'name' => 'air again.csv'])->assertSuccessful();
        $this->ask('POST', "/api/diary/{$removal->id}/undo")->assertSuccessful();
        self::assertSummed();
        self::assertSame(
            count(ClimateTable::logOf(self::bench())->rows),
            $this->ask('GET', '/api/season')->assertOk()->json('count'),
        );
    }

    private static function assertSummed(): void
    {
        $kept = AirDays::of(self::bench());
        $hours = AirByDay::of(ClimateTable::logOf(self::bench())->daily());
        $rounded = static fn (AirByDay $air): array => array_map(static fn (DayOfAir $day): array => [
            $day->day,
            $day->readings,
            round($day->tempC, 2),
            round($day->rhPct, 2),
            $day->lowRhPct,
            $day->highRhPct,
            round($day->restPct, 3),
        ], $air->days);
        self::assertGreaterThan(300, count($kept->days));
        self::assertEqualsWithDelta($rounded($hours), $rounded($kept), 0.011);
    }
}

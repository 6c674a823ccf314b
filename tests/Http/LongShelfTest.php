<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Climate\ClimateStretch;
use Database\Factories\BlankFactory;
use Instruments\Shed;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Timber\ClimateDay;

/** A shelf filled for years, and an air read by hand each day. */
final class LongShelfTest extends HttpTestCase
{
    private const BLANKS = 150;

    protected function setUp(): void
    {
        parent::setUp();
        $bench = self::bench();
        foreach (range(1, self::BLANKS) as $number) {
            BlankFactory::at($bench)
                ->named("board number $number")
                ->measuring(200 + 8 * $number, 40 + ($number % 60), 10 + ($number % 30))
                ->sawn($number % 91, $number % 7)
                ->createOne(['species' => $number % 2 === 0 ? 'white oak' : 'black walnut']);
        }
    }

    public function test_every_blank_is_ranked_and_each_says_why(): void
    {
        $blanks = $this->ask('GET', '/api/blanks?purpose=sticks')->assertOk()->json('blanks');
        self::assertCount(self::BLANKS + 5, $blanks);
        $rank = ['good' => 0, 'doubtful' => 1, 'unfit' => 2];
        $ranks = array_map(static fn (array $blank): int => $rank[$blank['fitness']], $blanks);
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        foreach ($blanks as $blank) {
            self::assertNotSame([], $blank['reasons'], $blank['name']);
        }
    }

    public function test_a_plan_finds_its_wood_among_them(): void
    {
        $wood = $this->ask('POST', '/api/plans/winding-sticks/needs', ['figures' => [], 'blanks' => []])
            ->assertOk()
            ->json('wood');
        self::assertNotNull($wood[0]['from']);
        self::assertNotSame('unfit', $wood[0]['from']['fitness']);
        self::assertNotNull($wood[1]['from']);
    }

    public function test_find_stops_at_what_can_be_read(): void
    {
        $this->ask('GET', '/api/search?q=board+number')->assertJsonCount(12, 'hits');
    }

    /**
     * One reading a day for a year before the log, each a row of its own: counted together, in order, and none listed
     * by itself.
     */
    public function test_readings_by_hand_are_one_log_with_the_file_s(): void
    {
        $bench = self::bench();
        $first = (int) ClimateStretch::of($bench)->firstOrFail()->readings[0][0];
        foreach (range(1, 365) as $day) {
            [$tempC, $rhPct] = Shed::air($first - 86400 * $day);
            ClimateStretch::of($bench)
                ->create(
                    ClimateStretch::columns('by hand', [
                        new ClimateDay(($first - 86400 * $day) / ClimateLine::SECONDS_PER_DAY, $tempC, $rhPct),
                    ]),
                );
        }
        $season = $this->ask('GET', '/api/season')->assertOk()->json();
        self::assertSame(8761 + 365, $season['count']);
        self::assertCount(1, $season['stretches']);
        // Two years are drawn two days to a point: each where the one before it ends.
        self::assertCount(366, $season['days']);
        $from = $season['days'][0]['day'];
        self::assertSame(range($from, $from + 730, 2), array_column($season['days'], 'day'));
        self::assertSame([$from + 1, $from + 730], [$season['days'][0]['until'], $season['days'][365]['until']]);
        self::assertSame([$from + 730, $from + 730], [$season['last']['day'], $season['last']['until']]);
    }
}

<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\EdgeHistory;

use JackRest\Core\EdgeHistory\BluntForecast;
use JackRest\Core\EdgeHistory\BluntModel;
use JackRest\Core\EdgeHistory\Clock;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The forecast against generated histories whose truth is known. */
final class ForecastTest extends TestCase
{
    private const EDGES = 12;

    private const BENCHES = 60;

    /** A normal deviate by Box and Muller, 1958. */
    private static function deviate(): float
    {
        $u = (mt_rand() + 1) / (mt_getrandmax() + 2);

        return sqrt(-2 * log($u)) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
    }

    /**
     * Benches of edges, each with its own typical span; the last span of each is hidden from the model.
     *
     * @return list<array{spans: list<list<float>>, next: list<float>}>
     */
    private static function benches(float $within, float $between, int $most): array
    {
        mt_srand(20261125);
        $benches = [];
        for ($bench = 0; $bench < self::BENCHES; $bench++) {
            $spans = [];
            $next = [];
            for ($edge = 0; $edge < self::EDGES; $edge++) {
                $own = log(75) + $between * self::deviate();
                $count = mt_rand(0, $most);
                $lengths = [];
                for ($span = 0; $span < $count; $span++) {
                    $lengths[] = exp($own + $within * self::deviate());
                }
                $spans[] = $lengths;
                $next[] = exp($own + $within * self::deviate());
            }
            $benches[] = ['spans' => $spans, 'next' => $next];
        }

        return $benches;
    }

    #[TestWith([0.35, 0.6, 8])]
    #[TestWith([0.5, 0.4, 8])]
    #[TestWith([0.35, 0.6, 2])]
    #[TestWith([0.6, 0.8, 20])]
    public function test_its_range_of_eight_in_ten_holds_and_it_beats_the_average_of_all(
        float $within,
        float $between,
        int $most,
    ): void {
        $held = 0;
        $all = 0;
        $error = 0.0;
        $plainError = 0.0;
        foreach (self::benches($within, $between, $most) as $bench) {
            $model = BluntModel::from($bench['spans'], Clock::Minutes);
            $every = array_merge(...$bench['spans']);
            $average = $every === [] ? 60.0 : array_sum($every) / count($every);
            foreach ($bench['next'] as $edge => $truth) {
                $forecast = $model->predict($bench['spans'][$edge]);
                $held += $truth >= $forecast->quantile(0.1) && $truth <= $forecast->quantile(0.9) ? 1 : 0;
                $error += abs(log($truth / $forecast->quantile(0.5)));
                $plainError += abs(log($truth / $average));
                $all++;
            }
        }

        self::assertGreaterThan(0.7, $held / $all);
        self::assertLessThan(0.9, $held / $all);
        self::assertLessThan($plainError, $error);
    }

    /** Few data: a wide range. Many: that of the edge's own spans. */
    public function test_the_range_narrows_as_the_record_grows(): void
    {
        $one = BluntModel::from([[80.0]], Clock::Minutes)->predict([80.0]);
        $steady = [80.0, 90.0, 75.0, 85.0, 82.0, 78.0, 88.0, 80.0, 83.0, 79.0, 86.0, 81.0];
        $many = BluntModel::from([$steady], Clock::Minutes)->predict($steady);

        self::assertGreaterThan(
            (3 * $many->quantile(0.9)) / $many->quantile(0.1),
            (2 * $one->quantile(0.9)) / $one->quantile(0.1),
        );
        self::assertEqualsWithDelta(82, $many->quantile(0.5), 6);
    }

    public function test_an_edge_without_a_record_is_taken_for_one_of_the_others(): void
    {
        $model = BluntModel::from(array_fill(0, 10, [200.0, 210.0, 190.0]), Clock::Minutes);
        self::assertEqualsWithDelta(200, $model->predict([])->quantile(0.5), 25);
    }

    /** Having lasted to its middle, half of what ends later ends before its three-quarter point. */
    public function test_what_has_lasted_shortens_what_is_left(): void
    {
        $forecast = BluntModel::from([[100.0, 100.0, 100.0]], Clock::Minutes)->predict([100.0, 100.0, 100.0]);
        $middle = $forecast->quantile(0.5);

        self::assertEqualsWithDelta($forecast->quantile(0.75), $forecast->quantileAfter(0.5, $middle), 1e-6);
        self::assertEqualsWithDelta(0.5, $forecast->chanceWithin($forecast->quantile(0.75) - $middle, $middle), 1e-6);
    }

    public function test_an_edge_that_outlived_all_reason_may_end_at_once(): void
    {
        $forecast = BluntModel::from([[10.0]], Clock::Minutes)->predict([10.0]);
        self::assertSame(1.0, $forecast->chanceWithin(1, 1e9));
        self::assertSame(1e9, $forecast->quantileAfter(0.5, 1e9));
    }

    /**
     * By hand, of one edge with spans of 40 and 90 minutes, logarithms 3.688879 and 4.499810, mean 4.094345:
     * within (4 · 0.25 + 2 · 0.405465²)/5 = 0.265761, between 0.36; the mean of all leans on one imagined edge.
     */
    public function test_a_forecast_by_hand(): void
    {
        $model = BluntModel::from([[40.0, 90.0], []], Clock::Minutes);
        self::assertEqualsWithDelta(0.26576078, $model->within, 1e-7);
        self::assertEqualsWithDelta(0.36, $model->between, 1e-12);
        self::assertSame(5, $model->freedom);
        $weight = 1 / (0.36 + 0.26576078 / 2);
        $mean = (log(Clock::Minutes->usual()) + $weight * 4.0943446) / (1 + $weight);
        self::assertEqualsWithDelta($mean, $model->mean, 1e-6);
        self::assertEqualsWithDelta(1 / (1 + $weight), $model->meanVariance, 1e-6);

        $forecast = $model->predict([40.0, 90.0]);
        $precision = 2 / 0.26576078 + 1 / 0.36;
        $lean = 1 / 0.36 / $precision;
        self::assertEqualsWithDelta((1 - $lean) * 4.0943446 + $lean * $mean, $forecast->logMean, 1e-6);
        $variance = 0.26576078 + 1 / $precision + $lean ** 2 / (1 + $weight);
        self::assertEqualsWithDelta(sqrt($variance) * (1 + (1.2816 ** 2 + 1) / 20), $forecast->logSpread, 1e-6);

        $none = $model->predict([]);
        self::assertEqualsWithDelta($mean, $none->logMean, 1e-6, 'of an edge nobody knows: as all the others');
    }

    /** By hand, of two edges with one span each, e² and e⁴: 4 · 0.36 + 2 about their mean 3, less the noise of 0.25. */
    public function test_the_spread_between_two_edges_by_hand(): void
    {
        $model = BluntModel::from([[exp(2.0)], [exp(4.0)]], Clock::Minutes);
        self::assertEqualsWithDelta(0.25, $model->within, 1e-12);
        self::assertEqualsWithDelta((4 * 0.36 + 2) / 5 - 0.25 / 5, $model->between, 1e-12);
        // Edges that are all alike still may differ a little.
        $alike = BluntModel::from(array_fill(0, 60, [exp(3.0), exp(3.9), exp(2.1)]), Clock::Minutes);
        self::assertSame(0.01, $alike->between);
    }

    /** Half of what is left is the median of what is left; what has outlived all reason ends at any moment. */
    public function test_what_an_edge_has_lasted_counts(): void
    {
        $forecast = new BluntForecast(log(100.0), 0.5);
        self::assertEqualsWithDelta(100.0, $forecast->quantile(0.5), 1e-6);
        self::assertEqualsWithDelta(100.0, $forecast->quantileAfter(0.5, 0.0), 1e-6);
        $half = $forecast->quantileAfter(0.5, 100.0);
        self::assertEqualsWithDelta($forecast->quantile(0.75), $half, 1e-6);
        self::assertEqualsWithDelta(0.5, $forecast->chanceWithin($half - 100.0, 100.0), 1e-6);
        self::assertEqualsWithDelta(0.5, $forecast->chanceWithin(100.0, 0.0), 1e-9);
        self::assertSame([1e6, 1.0], [$forecast->quantileAfter(0.5, 1e6), $forecast->chanceWithin(1.0, 1e6)]);
        self::assertSame(0.0, $forecast->chanceWithin(0.0, 20.0));
    }
}

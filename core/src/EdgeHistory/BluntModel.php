<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

/**
 * How long edges stay sharp, learnt from all of them together.
 *
 * The logarithm of a span is normal about its edge's own mean; those means are normal about the mean of all. An edge
 * with few spans leans on the others, one with many stands by itself (a hierarchical normal model; see Gelman and
 * others, Bayesian Data Analysis, ch. 5). The two spreads are moments of the record, held by a few imagined spans
 * where the record is short (from memory): so little data gives a wide range, never a narrow one by luck.
 */
final readonly class BluntModel
{
    /** Spread of one edge's spans, and of the edges' means, before anything is known: as logarithms; from memory. */
    private const WITHIN = 0.5;

    private const BETWEEN = 0.6;

    private const AS_IF_SPANS = 4;

    private const AS_IF_EDGES = 4;

    private function __construct(
        public float $mean,
        public float $meanVariance,
        public float $within,
        public float $between,
        public int $freedom,
    ) {
    }

    /** @param  list<list<float>>  $spansByEdge  lengths, each above 0 */
    public static function from(array $spansByEdge, Clock $clock): self
    {
        $edges = array_values(
            array_filter(
                array_map(static fn (array $spans): array => array_map(log(...), $spans), $spansByEdge),
                static fn (array $logs): bool => $logs !== [],
            ),
        );
        $means = array_map(static fn (array $logs): float => array_sum($logs) / count($logs), $edges);
        [$within, $freedom] = self::within($edges, $means);
        $between = self::between($edges, $means, $within);
        // One imagined edge of the usual kind, counted as lightly as its own uncertainty says.
        $weights = [
            1.0,
            ...array_map(static fn (array $logs): float => 1 / ($between + $within / count($logs)), $edges),
        ];
        $mean = 0.0;
        foreach ([log($clock->usual()), ...$means] as $index => $value) {
            $mean += $weights[$index] * $value;
        }
        $total = array_sum($weights);

        return new self($mean / $total, 1 / $total, $within, $between, $freedom);
    }

    /**
     * What is known of an edge's next span.
     *
     * @param  list<float>  $spans  its own, oldest first
     */
    public function predict(array $spans): BluntForecast
    {
        $n = count($spans);
        $own = $n === 0 ? 0.0 : array_sum(array_map(log(...), $spans)) / $n;
        $precision = $n / $this->within + 1 / $this->between;
        $lean = 1 / $this->between / $precision;
        $mean = (1 - $lean) * $own + $lean * $this->mean;
        $variance = $this->within + 1 / $precision + $lean ** 2 * $this->meanVariance;

        return new BluntForecast($mean, sqrt($variance) * $this->smallSample());
    }

    /** Few spans: the spread itself is uncertain. Widens the normal's 80 % range to that of Student's t. */
    private function smallSample(): float
    {
        return 1 + (1.2816 ** 2 + 1) / (4 * $this->freedom);
    }

    /**
     * @param  list<non-empty-list<float>>  $edges
     * @param  list<float>  $means
     * @return array{float, int} variance and degrees of freedom
     */
    private static function within(array $edges, array $means): array
    {
        $squares = self::AS_IF_SPANS * self::WITHIN ** 2;
        $freedom = self::AS_IF_SPANS;
        foreach ($edges as $index => $logs) {
            foreach ($logs as $log) {
                $squares += ($log - $means[$index]) ** 2;
            }
            $freedom += count($logs) - 1;
        }

        return [$squares / $freedom, $freedom];
    }

    /**
     * @param  list<non-empty-list<float>>  $edges
     * @param  list<float>  $means
     */
    private static function between(array $edges, array $means, float $within): float
    {
        $squares = self::AS_IF_EDGES * self::BETWEEN ** 2;
        if (count($edges) < 2) {
            return self::BETWEEN ** 2;
        }
        $mean = array_sum($means) / count($means);
        $noise = array_sum(array_map(static fn (array $logs): float => $within / count($logs), $edges)) / count($edges);
        foreach ($means as $one) {
            $squares += ($one - $mean) ** 2;
        }
        $freedom = self::AS_IF_EDGES + count($edges) - 1;

        return max(0.01, $squares / $freedom - ($noise * (count($edges) - 1)) / $freedom);
    }
}

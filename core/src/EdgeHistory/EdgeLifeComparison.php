<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

use JackRest\Core\Measure\StudentT;

/**
 * Which of two sorts – steels, or stones that edges were finished on – goes longer between honings.
 *
 * Compared are the means of the logarithms of the edges' spans; an edge is one witness however often it was honed.
 * Told apart only when the 95 % range of their ratio leaves out 1, which it does by chance in some five of a hundred
 * equal sorts. Source: the test of two means with spreads of their own, B. L. Welch, 1947; the more pairs, the wider
 * (Bonferroni).
 */
final readonly class EdgeLifeComparison
{
    private const LEAST_EDGES = 2;

    private function __construct(
        public string $better,
        public string $worse,
        public float $ratio,
        public float $least,
        public float $most,
    ) {
    }

    /**
     * @param  array<string, list<list<float>>>  $spansBySort  by sort, then by edge: lengths
     * @return list<self> each sort against the next best
     */
    public static function compare(array $spansBySort): array
    {
        $sorts = [];
        foreach ($spansBySort as $sort => $edges) {
            $means = array_values(
                array_map(
                    static fn (array $spans): float => array_sum(array_map(log(...), $spans)) / count($spans),
                    array_filter($edges, static fn (array $spans): bool => $spans !== []),
                ),
            );
            if (count($means) >= self::LEAST_EDGES) {
                $sorts[$sort] = self::meanAndError($means);
            }
        }
        uasort($sorts, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $names = array_map(strval(...), array_keys($sorts));
        $compared = [];
        for ($index = 0; $index + 1 < count($names); $index++) {
            $compared[] = self::pair(
                $names[$index],
                $sorts[$names[$index]],
                $names[$index + 1],
                $sorts[$names[$index + 1]],
                1 - 0.025 / (count($names) - 1),
            );
        }

        return $compared;
    }

    public function areToldApart(): bool
    {
        return $this->least > 1.0;
    }

    /**
     * @param  non-empty-list<float>  $means
     * @return array{float, float, int} mean, the variance of that mean, and how many edges it stands on
     */
    private static function meanAndError(array $means): array
    {
        $n = count($means);
        $mean = array_sum($means) / $n;
        // One imagined edge that differs as edges usually do: two that agree by luck prove nothing.
        $squares = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $means)) + 0.3 ** 2;

        return [$mean, $squares / ($n - 1) / $n, $n];
    }

    /**
     * @param  array{float, float, int}  $a
     * @param  array{float, float, int}  $b
     */
    private static function pair(string $better, array $a, string $worse, array $b, float $share): self
    {
        $difference = $a[0] - $b[0];
        $variance = $a[1] + $b[1];
        // Welch and Satterthwaite: the sort that is known worse decides how far few edges can be trusted.
        $freedom = $variance ** 2 / ($a[1] ** 2 / ($a[2] - 1) + $b[1] ** 2 / ($b[2] - 1));
        $error = StudentT::quantile($share, $freedom) * sqrt($variance);

        return new self($better, $worse, exp($difference), exp($difference - $error), exp($difference + $error));
    }
}

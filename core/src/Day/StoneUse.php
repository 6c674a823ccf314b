<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

/** Who uses which stones when every edge goes a certain way. */
final readonly class StoneUse
{
    /** @param  array<int, non-empty-array<int, int>>  $users  edges by stone and setting */
    private function __construct(public array $users)
    {
    }

    /**
     * @param  list<list<int>>  $ways  stones by edge
     * @param  list<int>  $settings  of each edge, by number
     */
    public static function of(array $ways, array $settings): self
    {
        $users = [];
        foreach ($ways as $number => $way) {
            foreach ($way as $stone) {
                $users[$stone][$settings[$number]] = ($users[$stone][$settings[$number]] ?? 0) + 1;
            }
        }

        return new self($users);
    }

    /**
     * The stone whose change is spread over the fewest edges, likeliest to stay in the rack; null: all are decided on.
     *
     * @param  array<int, bool>  $out
     * @param  list<float>  $opening  seconds by stone
     */
    public function dearestOutside(array $out, array $opening): ?int
    {
        $dearest = null;
        $most = -INF;
        foreach (array_diff_key($this->users, $out) as $stone => $settings) {
            $share = $opening[$stone] / array_sum($settings);
            if ($share > $most) {
                [$dearest, $most] = [$stone, $share];
            }
        }

        return $dearest;
    }

    /**
     * The setting that fewest edges need on a stone which others use too; null: all are decided on.
     *
     * @param  array<int, array<int, bool>>  $in
     * @return array{int, int}|null stone and setting
     */
    public function rarestPair(array $in): ?array
    {
        $rarest = null;
        $fewest = PHP_INT_MAX;
        foreach ($this->users as $stone => $settings) {
            foreach (count($settings) < 2 ? [] : array_diff_key($settings, $in[$stone] ?? []) as $setting => $edges) {
                if ($edges < $fewest) {
                    [$rarest, $fewest] = [[$stone, $setting], $edges];
                }
            }
        }

        return $rarest;
    }
}

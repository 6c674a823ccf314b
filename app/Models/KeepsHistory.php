<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use JackRest\Core\Truing\History\History;
use JackRest\Core\Truing\History\Tested;

/**
 * What the tests of a reference say together.
 *
 * @phpstan-require-extends Record
 */
trait KeepsHistory
{
    private const SECONDS_PER_DAY = 86400;

    /**
     * Reckoned once for the tests as they were loaded: a list of many references asks for it again and again.
     *
     * @var array{Collection<int, TestRecord>, Collection<string, History>}|null
     */
    private ?array $reckoned = null;

    /** A moment in days, as the core counts them. */
    public static function day(string $moment): float
    {
        return (int) strtotime($moment) / self::SECONDS_PER_DAY;
    }

    /** @return Collection<int, TestRecord> */
    public function testRecords(): Collection
    {
        return $this->tests->toBase();
    }

    /** @return Collection<string, History> */
    public function histories(): Collection
    {
        if ($this->reckoned === null || $this->reckoned[0] !== $this->tests) {
            $this->reckoned = [$this->tests, $this->reckon()];
        }

        return $this->reckoned[1];
    }

    public function due(): ?string
    {
        $today = Carbon::now()->getTimestamp() / self::SECONDS_PER_DAY;

        return $this->histories()->map(static fn (History $history): ?string => $history->due($today))->first(static fn (?string $due): bool => $due !== null);
    }

    public function nextCheckOn(): ?string
    {
        $days = $this->histories()->map(static fn (History $history): ?float => $history->nextCheckDay());

        return $days->contains(null) ? null : Carbon::createFromTimestamp((int) ($days->min() * self::SECONDS_PER_DAY))->toIso8601ZuluString();
    }

    /** @return Collection<string, History> */
    private function reckon(): Collection
    {
        $fell = $this->dropped_on === null ? null : self::day($this->dropped_on);
        $series = $this->testRecords()->groupBy(static fn (TestRecord $test): string => $test->series());

        return ($series->isEmpty() ? collect(['' => collect()]) : $series)
            ->map(fn (Collection $tests): History => new History(array_values($tests->map(static fn (TestRecord $test): Tested => $test->tested())->all()), $this->tolerance_mm, $fell));
    }
}

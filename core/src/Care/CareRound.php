<?php

declare(strict_types=1);

namespace JackRest\Core\Care;

use JackRest\Core\Kit\ToolAtHand;

/** One job of care as it stands: for how many tools, when last, and whether it is due. */
final readonly class CareRound
{
    private function __construct(
        public CareJob $job,
        public int $tools,
        public ?int $daysSince,
        public float $everyDays,
    ) {
    }

    /**
     * @param  list<ToolAtHand>  $tools  at hand
     * @param  array<string, int>  $daysSince  by job; what is missing was never done
     * @param  int  $daysHere  since the first tool came: a new shop owes nothing yet
     * @return list<self> the longest overdue first
     */
    public static function all(array $tools, array $daysSince, Damp $damp, int $daysHere): array
    {
        $rounds = [];
        foreach (CareJob::cases() as $job) {
            $count = count($job->for($tools));
            if ($count > 0 || ($job->isForTheShop() && $tools !== [])) {
                $rounds[] = new self($job, $count, $daysSince[$job->value] ?? null, $job->days($damp));
            }
        }
        $late = static fn (self $round): float => ($round->daysSince ?? $daysHere) / $round->everyDays;
        usort($rounds, static fn (self $a, self $b): int => $late($b) <=> $late($a));

        return $rounds;
    }

    /** @param  int  $daysHere  since the first tool came */
    public function isDue(int $daysHere): bool
    {
        return ($this->daysSince ?? $daysHere) >= $this->everyDays;
    }

    public function minutes(): int
    {
        return $this->job->minutes($this->tools);
    }
}

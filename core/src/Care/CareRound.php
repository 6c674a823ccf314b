<?php

declare(strict_types=1);

namespace JackRest\Core\Care;

use JackRest\Core\Kit\ToolAtHand;

/** One job of care as it stands: for how many tools, when last, and whether it is due. */
final readonly class CareRound
{
    /** @param  list<ToolAtHand>  $tools  those it is for */
    private function __construct(
        public CareJob $job,
        public array $tools,
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
            $for = $job->for($tools);
            if ($for !== [] || ($job->isForTheShop() && $tools !== [])) {
                $rounds[] = new self($job, $for, $daysSince[$job->value] ?? null, $job->days($damp));
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

    public function says(): string
    {
        return $this->job->says(count($this->tools));
    }

    public function minutes(): int
    {
        return $this->job->minutes(count($this->tools));
    }

    /** @return list<ToolAtHand> one of each kind that it is for */
    public function oneOfEachKind(): array
    {
        $kinds = [];
        foreach ($this->tools as $tool) {
            $kinds[$tool->kind] ??= $tool;
        }

        return array_values($kinds);
    }
}

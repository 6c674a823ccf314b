<?php

declare(strict_types=1);

namespace App\Scraper;

use App\Bench\Bench;
use App\Saw\Filing;
use App\Tool\Tool;
use App\Tool\ToolUse;
use Illuminate\Support\Collection;

/** Card scrapers, and how long their burrs lasted by the days they were used. */
final class ScrapersOfBench
{
    public const TURNED = 'turned';

    /** @return Collection<int, Tool> */
    public static function of(Bench $bench): Collection
    {
        return Tool::of($bench)
            ->oldest('id')
            ->get()
            ->filter(static fn (Tool $tool): bool => $tool->isScraper())
            ->values()
            ->toBase();
    }

    /** @return Collection<int, Filing> the latest first */
    public static function turnings(Bench $bench, Tool $scraper): Collection
    {
        return Filing::of($bench)->where('tool_id', $scraper->id)->latest('filed_on')->get()->toBase();
    }

    /** @return array{int, list<int>} days of use since the last turning, and between those before */
    public static function uses(Bench $bench, Tool $scraper): array
    {
        $days = ToolUse::of($bench)
            ->where('tool_id', $scraper->id)
            ->get()
            ->map(static fn (ToolUse $use): string => $use->used_on)
            ->unique();
        $turned = self::turnings($bench, $scraper)
            ->map(static fn (Filing $filing): string => substr($filing->filed_on, 0, 10))
            ->values();
        $between = [];
        for ($at = 0; $at + 1 < $turned->count(); $at++) {
            $between[] = $days
                ->filter(static fn (string $day): bool => $day >= $turned[$at + 1] && $day < $turned[$at])
                ->count();
        }

        return [
            $days->filter(static fn (string $day): bool => $turned->isEmpty() || $day >= $turned[0])->count(),
            $between,
        ];
    }
}

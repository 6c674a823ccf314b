<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Bench;
use App\Models\CareDone;
use App\Models\ConsumableStock;
use App\Models\EdgeEvent;
use App\Models\Tool;
use App\Models\ToolStatus;
use App\Models\ToolUse;
use Illuminate\Support\Carbon;
use JackRest\Core\Care\CareJob;
use JackRest\Core\Care\CareRound;
use JackRest\Core\Care\Consumable;
use JackRest\Core\Care\Damp;
use JackRest\Core\Care\Stock;

/** What of the kit wants care, and what of the consumables runs low. */
final readonly class CareOfBench
{
    private const PAPER = 'paper';

    public Damp $damp;

    /** @var list<Tool> */
    private array $tools;

    public function __construct(private Bench $bench)
    {
        $this->damp = $bench->kitSettingsNow()->damp;
        $this->tools = array_values($bench->tools()->get()->filter(static fn (Tool $tool): bool => $tool->status === ToolStatus::Owned && $tool->isAtHand())->all());
    }

    /** @return list<CareRound> the longest overdue first */
    public function rounds(): array
    {
        $since = [];
        foreach ($this->bench->careRounds()->get() as $done) {
            $days = self::days($done->done_on);
            $since[$done->job->value] = min($days, $since[$done->job->value] ?? $days);
        }

        return CareRound::all(array_map(static fn (Tool $tool) => $tool->toCore(), $this->tools), $since, $this->damp, $this->daysHere());
    }

    /** Days since the first tool came. */
    public function daysHere(): int
    {
        return max([0, ...array_map(static fn (Tool $tool): int => self::days($tool->hung_on ?? (string) $tool->created_at?->toDateString()), $this->tools)]);
    }

    public function stock(ConsumableStock $bought): Stock
    {
        return new Stock($bought->kind, $bought->bought, $this->usedTimes($bought->kind, $bought->bought_on));
    }

    private function usedTimes(Consumable $kind, string $since): int
    {
        return match ($kind) {
            Consumable::Blades => $this->bench->toolUses()->get()->filter(fn (ToolUse $use): bool => $use->used_on >= $since && $this->formOf($use->tool_id) === 'coping-saw')->count(),
            Consumable::Paper => $this->honings($since),
            Consumable::Compound => $this->bench->edgeEvents()->where('kind', 'stropped')->where('happened_at', '>=', $since)->count(),
            Consumable::Wax => $this->roundsOf([CareJob::Wax], $since),
            Consumable::Oil => $this->roundsOf([CareJob::Wipe, CareJob::Oil], $since),
        };
    }

    private function honings(string $since): int
    {
        $papers = $this->bench->stones()->where('medium', self::PAPER)->pluck('name')->all();

        return $this->bench->edgeEvents()->where('kind', 'honed')->where('happened_at', '>=', $since)->get()->filter(static fn (EdgeEvent $event): bool => in_array($event->stone, $papers, true))->count();
    }

    /** @param  list<CareJob>  $jobs */
    private function roundsOf(array $jobs, string $since): int
    {
        return $this->bench->careRounds()->get()->filter(static fn (CareDone $done): bool => in_array($done->job, $jobs, true) && $done->done_on >= $since)->count();
    }

    private function formOf(int $tool): ?string
    {
        foreach ($this->tools as $one) {
            if ($one->id === $tool) {
                return $one->kindOfTool()->form;
            }
        }

        return null;
    }

    private static function days(string $from): int
    {
        return max(0, (int) floor(Carbon::parse($from)->diffInDays(Carbon::now())));
    }
}

<?php

declare(strict_types=1);

namespace App\Care;

use App\Bench\Bench;
use App\Climate\AirDays;
use App\Edge\EdgeEvent;
use App\School\KitSettings;
use App\Session\BenchSession;
use App\Stone\Stone;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use App\Tool\ToolUse;
use Illuminate\Support\Carbon;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Care\CareJob;
use JackRest\Core\Care\CareRound;
use JackRest\Core\Care\Consumable;
use JackRest\Core\Care\Damp;
use JackRest\Core\Care\Stock;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\Season\ClimateLine;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** What of the kit wants care, and what of the consumables runs low. */
final readonly class CareOfBench
{
    /** A season: rust asks how damp it was, not how damp it is today. */
    private const DAMP_DAYS = 90;

    public Damp $damp;

    /** @var list<Tool> */
    private array $tools;

    public function __construct(private Bench $bench)
    {
        $this->damp = KitSettings::now($bench)->damp;
        $this->tools = array_values(
            Tool::of($bench)
                ->get()
                ->filter(
                    static fn (Tool $tool): bool => $tool->status === ToolStatus::Owned && $tool->isAtHand(),
                )
                ->all(),
        );
    }

    /** @return list<CareRound> the longest overdue first */
    public function rounds(): array
    {
        $last = CareDone::of($this->bench)->toBase()
            ->groupBy('job')
            ->selectRaw('job, max(done_on) as last')
            ->pluck('last', 'job');
        /** @var array<string, string> $byJob */
        $byJob = $last->all();
        $since = array_map(self::days(...), $byJob);

        return CareRound::all(
            array_map(static fn (Tool $tool) => $tool->toCore(), $this->tools),
            $since,
            $this->damp,
            $this->daysHere(),
        );
    }

    /** How damp the shop was lately by its own log, in a sentence; null: the log does not tell. */
    public function dampByLog(): ?string
    {
        $today = intdiv(Carbon::now()->getTimestamp(), ClimateLine::SECONDS_PER_DAY);
        $mean = AirDays::of($this->bench)->meanHumidity($today - self::DAMP_DAYS, self::DAMP_DAYS / 3);

        return $mean === null
            ? null
            : 'By your own log the air of the last '.
                    self::DAMP_DAYS.
                    ' days was at '.
                    round($mean).
                    ' %: '.
                    Damp::of($mean)->label().
                    '.';
    }

    /** Days since the first tool came. */
    public function daysHere(): int
    {
        $days = array_map(
            static fn (Tool $tool): string => $tool->hung_on ?? (string) $tool->created_at?->toDateString(),
            $this->tools,
        );

        return $days === [] ? 0 : self::days(min($days));
    }

    /** @return list<Stock> of what was ever bought */
    public function stocks(): array
    {
        return array_values(ConsumableStock::of($this->bench)->get()->map($this->stock(...))->all());
    }

    public function stock(ConsumableStock $bought): Stock
    {
        return new Stock($bought->kind, $bought->bought, $this->usedTimes($bought->kind, $bought->bought_on));
    }

    private function usedTimes(Consumable $kind, string $since): int
    {
        return match ($kind) {
            Consumable::Blades => ToolUse::of($this->bench)
                ->where('used_on', '>=', $since)
                ->whereIn('tool_id', $this->ofForm('coping-saw'))
                ->count(),
            Consumable::Paper => $this->strokes($kind, Medium::Paper, 'honed', $since),
            Consumable::Compound => $this->strokes($kind, Medium::Strop, 'stropped', $since),
            Consumable::Wax => $this->roundsOf([CareJob::Wax], $since),
            Consumable::Oil => $this->roundsOf([CareJob::Wipe, CareJob::Oil], $since),
        };
    }

    /** Strokes on a medium: those counted at the bench, and those of what was only written down. */
    private function strokes(Consumable $kind, Medium $medium, string $event, string $since): int
    {
        $stones = Stone::of($this->bench)->where('medium', $medium->value)->pluck('name')->all();
        $sessions = BenchSession::of($this->bench)
            ->where('state', '!=', 'running')
            ->whereIn('kind', [SessionKind::Honing, SessionKind::Day])
            ->where('ended_at', '>=', $since)
            ->get();
        $counted = $sessions->sum(
            static fn (BenchSession $session): int => array_sum(
                array_intersect_key(
                    $session->counted,
                    array_filter(
                        $session->walked(),
                        static fn (SessionStep $step): bool => in_array($step->title, $stones, true),
                    ),
                ),
            ),
        );
        // What ended a session is in the diary at that moment, and counted already.
        $written = EdgeEvent::of($this->bench)
            ->where('kind', $event)
            ->where('happened_at', '>=', $since)
            ->get()
            ->whereNotIn('happened_at', $sessions->pluck('ended_at'));

        return (int) $counted +
            (int) $written
                ->filter(
                    static fn (EdgeEvent $one): bool => $one->kind === EdgeEntryKind::Stropped ||
                        in_array($one->stone, $stones, true),
                )
                ->sum(static fn (EdgeEvent $one): int => $one->strokes ?? $kind->strokesAtOnce());
    }

    /** @param  list<CareJob>  $jobs */
    private function roundsOf(array $jobs, string $since): int
    {
        return CareDone::of($this->bench)
            ->whereIn('job', array_map(static fn (CareJob $job): string => $job->value, $jobs))
            ->where('done_on', '>=', $since)
            ->count();
    }

    /** @return list<int> ids of the tools at hand of a form */
    private function ofForm(string $form): array
    {
        $such = array_filter($this->tools, static fn (Tool $tool): bool => $tool->kindOfTool()->form === $form);

        return array_values(array_map(static fn (Tool $tool): int => $tool->id, $such));
    }

    private static function days(string $from): int
    {
        return max(0, (int) floor(Carbon::parse($from)->diffInDays(Carbon::now())));
    }
}

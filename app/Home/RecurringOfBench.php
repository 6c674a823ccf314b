<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Blank\Blank;
use App\Care\CareDone;
use App\Care\CareOfBench;
use App\Care\ConsumableStock;
use App\Eye\SeenByEye;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Making\Making;
use App\SetOut\StagesAtRest;
use App\Stall\Mend;
use App\Tool\Tool;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use JackRest\Core\Care\CareJob;
use JackRest\Core\Care\CareRound;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Shelf\RestVerdict;
use JackRest\Desk\Care\CareWords;
use JackRest\Desk\ToDo\Topic;
use JackRest\Desk\ToDo\UpkeepTask;

/** The small lines on Bench, and the one tap that does each of them. */
final readonly class RecurringOfBench
{
    /** More rounds of care than this are not asked for at once. */
    private const CARES = 2;

    public function __construct(private Bench $bench)
    {
    }

    /** @return list<UpkeepTask> */
    public function lines(): array
    {
        $care = new CareOfBench($this->bench);

        return [
            ...$this->makings(),
            ...$this->rests(),
            ...$this->eye(),
            ...$this->stages(),
            ...$this->mends(),
            ...$this->lent(),
            ...$this->care($care),
            ...$this->low($care),
        ];
    }

    /** @return list<UpkeepTask> what is being made and waits for nothing */
    private function makings(): array
    {
        $now = Carbon::now()->toIso8601ZuluString();
        $atHand = Making::of($this->bench)
            ->where('state', 'running')
            ->whereDoesntHave('sessions', static fn ($sessions) => $sessions->where('state', 'running'))
            ->oldest('id')
            ->get();

        return array_values(
            $atHand
                ->reject(static fn (Making $making): bool => $making->isWaiting($now))
                ->map(
                    static fn (Making $making): UpkeepTask => new UpkeepTask(
                        "making-{$making->id}",
                        "Go on making the {$making->name}.",
                        "Next: {$making->steps[$making->done]['title']}.",
                        (int) round(array_sum(array_column($making->stage(), 'minutes'))),
                        new Topic('making', $making->id),
                        null,
                    ),
                )
                ->all(),
        );
    }

    /** @return list<UpkeepTask> what the eye was found to see, where that has grown old */
    private function eye(): array
    {
        $old = SeenByEye::old($this->bench);

        return $old === [] ? [] : [new UpkeepTask(
            'eye',
            'Try your eye again.',
            ucfirst($old[0]->label()).': it was found more than three months ago.',
            3,
            new Topic('eye'),
            null,
        )];
    }

    /** @return list<UpkeepTask> blanks whose week is over */
    private function rests(): array
    {
        $today = Carbon::now()->getTimestamp() / ClimateLine::SECONDS_PER_DAY;
        $due = Blank::of($this->bench)
            ->with('visits')
            ->get()
            ->filter(static fn (Blank $blank): bool => $blank->restTest($today)->verdict === RestVerdict::Due);

        return array_values(
            $due
                ->map(
                    static fn (Blank $blank): UpkeepTask => new UpkeepTask(
                        "rest-{$blank->id}",
                        "Measure the {$blank->name} again.",
                        'Its week of rest is over.',
                        3,
                        new Topic('blank', $blank->id),
                        null,
                    ),
                )
                ->all(),
        );
    }

    /** @return list<UpkeepTask> boards whose rest between two stages is over */
    private function stages(): array
    {
        $today = Carbon::now()->toDateString();
        $over = array_filter(StagesAtRest::of($this->bench), static fn (array $one): bool => $one[1] <= $today);

        return array_map(static fn (array $one): UpkeepTask => new UpkeepTask(
            "stage-{$one[0]->id}",
            'Measure the '.lcfirst($one[0]->label())." of the {$one[0]->work->name}, and plane on.",
            'Their rest is over; what they have now corrects the next stage.',
            10,
            new Topic('work', $one[0]->work_id),
            null,
        ), array_values($over));
    }

    /** @return list<UpkeepTask> */
    private function mends(): array
    {
        return array_values(
            $this->open()
                ->with('tool')
                ->oldest('id')
                ->get()
                ->map(
                    static fn (Mend $mend): UpkeepTask => new UpkeepTask(
                        "mend-{$mend->id}",
                        ucfirst($mend->says).": the {$mend->tool->name}.",
                        'It came second-hand.',
                        $mend->minutes,
                        new Topic('tool', $mend->tool_id),
                    ),
                )
                ->all(),
        );
    }

    /** @return list<UpkeepTask> tools that are out and should be asked for */
    private function lent(): array
    {
        $today = Carbon::now()->toDateString();
        $out = Tool::of($this->bench)->whereNotNull('lent_on')->where('ask_on', '<=', $today)->get();

        return array_values(
            $out
                ->map(
                    static fn (Tool $tool): UpkeepTask => new UpkeepTask(
                        "lent-{$tool->id}",
                        "Ask {$tool->lent_to} for the {$tool->name}.",
                        'It went out on '.Carbon::parse((string) $tool->lent_on)->format('j F').'.',
                        null,
                        new Topic('idle'),
                        'It is back',
                    ),
                )
                ->all(),
        );
    }

    /** @return list<UpkeepTask> rounds of care that are due, the longest overdue first and no more than a few */
    private function care(CareOfBench $care): array
    {
        $here = $care->daysHere();
        $due = array_filter($care->rounds(), static fn (CareRound $round): bool => $round->isDue($here));

        return array_map(
            static fn (CareRound $round): UpkeepTask => new UpkeepTask(
                "care-{$round->job->value}",
                $round->says(),
                CareWords::last($round),
                $round->minutes(),
                new Topic('care'),
            ),
            array_slice(array_values($due), 0, self::CARES),
        );
    }

    /** @return list<UpkeepTask> what is nearly used up */
    private function low(CareOfBench $care): array
    {
        $tasks = [];
        foreach (ConsumableStock::of($this->bench)->get() as $bought) {
            $stock = $care->stock($bought);
            if ($stock->isLow()) {
                $tasks[] = new UpkeepTask(
                    "stock-{$bought->id}",
                    "Get {$bought->kind->label()}.",
                    CareWords::left($stock),
                    null,
                    new Topic('care'),
                    'Got as much again',
                );
            }
        }

        return $tasks;
    }

    /** Does what one line says; nothing happens where it is done already. */
    public function done(Ledger $ledger, string $key): void
    {
        [$kind, $id] = [...explode('-', $key, 2), ''];
        match ($kind) {
            'mend' => $this->mended($ledger, $this->open()->findOrFail((int) $id)),
            'care' => $this->cared($ledger, CareJob::tryFrom($id) ?? abort(404)),
            'stock' => $this->bought($ledger, ConsumableStock::of($this->bench)->findOrFail((int) $id)),
            'lent' => $this->back($ledger, Tool::of($this->bench)->findOrFail((int) $id)),
            default => abort(404),
        };
    }

    private function cared(Ledger $ledger, CareJob $job): void
    {
        $round =
            array_values(
                array_filter(
                    (new CareOfBench($this->bench))->rounds(),
                    static fn (CareRound $round): bool => $round->job === $job,
                ),
            )[0] ?? abort(404);
        $ledger->record('cared', 'kit', $round->says().' Done.', static function (Changes $changes) use (
            $job,
        ): void {
            $changes->create(CareDone::of($changes->bench), [
                'job' => $job,
                'done_on' => Carbon::now()->toDateString(),
            ]);
        });
    }

    private function bought(Ledger $ledger, ConsumableStock $stock): void
    {
        $ledger->record(
            'consumable-bought',
            $stock->kind->label(),
            "Bought {$stock->kind->label()} again.",
            static function (Changes $changes) use ($stock): void {
                $changes->update($stock, ['bought_on' => Carbon::now()->toDateString()]);
            },
        );
    }

    private function back(Ledger $ledger, Tool $tool): void
    {
        $ledger->record('hung-again', $tool, "The {$tool->name} is back from {$tool->lent_to}.", static function (
            Changes $changes,
        ) use ($tool): void {
            $changes->update($tool, ['lent_to' => null, 'lent_on' => null, 'ask_on' => null]);
        });
    }

    /** @return HasMany<Mend, Bench> */
    private function open(): HasMany
    {
        $open = Mend::of($this->bench);
        $open->whereNull('done_at');

        return $open;
    }

    private function mended(Ledger $ledger, Mend $mend): void
    {
        $ledger->record(
            'mended',
            $mend->tool->name,
            ucfirst($mend->says).": the {$mend->tool->name}.",
            static function (Changes $changes) use ($mend): void {
                $changes->update($mend, ['done_at' => Carbon::now()->toIso8601ZuluString()]);
            },
        );
    }
}

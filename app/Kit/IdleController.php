<?php

declare(strict_types=1);

namespace App\Kit;

use App\Bench\Bench;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Kit\Answer\IdleAnswer;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Tool\Tool;
use App\Tool\ToolUse;
use App\Work\KitOfBench;
use App\Work\Work;
use Illuminate\Support\Carbon;

/** What is used and what is not; put away, lent, kept. */
final class IdleController
{
    /** What is used, what is not, and what could go. */
    public function show(Bench $bench): IdleAnswer
    {
        return IdleResource::of(new IdleOfBench($bench, new KitOfBench($bench)));
    }

    /** Tools leave the board but not the record. */
    public function away(PutAwayRequest $request, Ledger $ledger): IdleAnswer
    {
        $tools = $request->tools($ledger->bench);
        $names = implode(', ', array_map(static fn ($tool): string => $tool->name, $tools));
        $ledger->record(
            'put-away',
            count($tools) === 1 ? $names : 'several tools',
            "Put away: $names.",
            static function (Changes $changes) use ($tools): void {
                foreach ($tools as $tool) {
                    $changes->update($tool, ['away_on' => Carbon::now()->toDateString()]);
                }
            },
        );

        return $this->show($ledger->bench);
    }

    /** A tool that was put away or lent hangs on the board again. */
    public function hung(VersionedRequest $request, Ledger $ledger, Tool $tool): IdleAnswer
    {
        $says =
            $tool->lent_on === null
                ? "Hung the {$tool->name} up again."
                : "The {$tool->name} is back from {$tool->lent_to}.";
        $ledger->record('hung-again', $tool, $says, static function (Changes $changes) use (
            $tool,
            $request,
        ): void {
            $changes->update(
                $tool,
                ['away_on' => null, 'lent_to' => null, 'lent_on' => null, 'ask_on' => null],
                $request->version(),
            );
        });

        return $this->show($ledger->bench);
    }

    /** A tool goes out: it is not at hand until it is back. */
    public function lent(LendRequest $request, Ledger $ledger, Tool $tool): IdleAnswer
    {
        $values = $request->values();
        $ledger->record(
            'lent',
            $tool,
            "Lent the {$tool->name} to {$values['lent_to']}.",
            static fn (Changes $changes) => $changes->update($tool, $values, $request->version()),
            $values['lent_on'],
        );

        return $this->show($ledger->bench);
    }

    /** Kept for its own sake, or no longer. */
    public function kept(KeepToolRequest $request, Ledger $ledger, Tool $tool): IdleAnswer
    {
        $kept = $request->boolean('kept');
        $ledger->record(
            'kept',
            $tool,
            $kept ? "The {$tool->name} is kept for its own sake." : "The {$tool->name} has to earn its place.",
            static fn (Changes $changes) => $changes->update($tool, ['kept' => $kept], $request->version()),
        );

        return $this->show($ledger->bench);
    }

    /**
     * A tool was used: one tap, so that the wall knows what earns its place.
     *
     * @return Created<DiaryEntryAnswer>
     */
    public function used(UseToolRequest $request, Ledger $ledger, Tool $tool): Created
    {
        $values = $request->values($ledger->bench);
        $work = $values['work_id'] === null ? null : Work::of($ledger->bench)->find($values['work_id']);
        $entry = $ledger->record(
            'tool-used',
            $tool,
            "Used the {$tool->name}".($work === null ? '' : " for the {$work->name}").'.',
            static function (Changes $changes) use ($tool, $values): void {
                $changes->create(ToolUse::of($changes->bench), ['tool_id' => $tool->id, ...$values]);
            },
            $values['used_on'],
        );

        return new Created(DiaryResource::entry($entry));
    }
}

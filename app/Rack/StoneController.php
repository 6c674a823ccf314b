<?php

declare(strict_types=1);

namespace App\Rack;

use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Rack\Answer\RackAnswer;
use App\Stone\StockOfRack;
use App\Stone\Stone;
use Illuminate\Support\Carbon;

/** Stones of the rack, one by one. */
final class StoneController
{
    /** @return Created<RackAnswer> */
    public function store(StoneFormRequest $request, Ledger $ledger): Created
    {
        $stone = $request->stone();
        $ledger->record('stone-added', $stone->name, "Put the {$stone->name} into the rack.", static function (
            Changes $changes,
        ) use ($stone): void {
            $changes->create(Stone::of($changes->bench), Stone::columns($stone));
        });

        return new Created((new RackController())->show($ledger->bench));
    }

    public function update(VersionedStoneFormRequest $request, Ledger $ledger, Stone $stone): RackAnswer
    {
        $now = $request->stone();
        $ledger->record('stone-changed', $now->name, "Changed the {$now->name}.", static function (
            Changes $changes,
        ) use ($stone, $now, $request): void {
            $changes->update(
                $stone,
                array_diff_key(Stone::columns($now), ['change_seconds' => true]),
                $request->version(),
            );
        });

        return (new RackController())->show($ledger->bench);
    }

    public function destroy(VersionedRequest $request, Ledger $ledger, Stone $stone): DiaryEntryAnswer
    {
        $entry = $ledger->record(
            'stone-removed',
            $stone,
            "Took the {$stone->name} out of the rack.",
            static function (Changes $changes) use ($stone, $request): void {
                $changes->delete($stone, $request->version());
                StockOfRack::tookOut($changes, $stone->medium);
            },
        );

        return DiaryResource::entry($entry);
    }

    /** It is flat again: edges are counted anew. */
    public function flatten(VersionedRequest $request, Ledger $ledger, Stone $stone): RackAnswer
    {
        $ledger->record('stone-flattened', $stone, "Flattened the {$stone->name}.", static function (
            Changes $changes,
        ) use ($stone, $request): void {
            $changes->update($stone, ['flattened_at' => Carbon::now()->toIso8601ZuluString()], $request->version());
        });

        return (new RackController())->show($ledger->bench);
    }

    /** A worn piece is replaced by one like it: its edges are counted anew. */
    public function renew(VersionedRequest $request, Ledger $ledger, Stone $stone): RackAnswer
    {
        $ledger->record(
            'stone-renewed',
            $stone,
            "Began a new {$stone->name}; the old one is worn out.",
            static function (Changes $changes) use ($stone, $request): void {
                $changes->update($stone, ['begun_at' => Carbon::now()->toIso8601ZuluString()], $request->version());
            },
        );

        return (new RackController())->show($ledger->bench);
    }
}

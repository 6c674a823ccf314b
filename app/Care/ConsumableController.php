<?php

declare(strict_types=1);

namespace App\Care;

use App\Care\Answer\CareAnswer;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;

/** What is used up: oil, strops, paper. */
final class ConsumableController
{
    /**
     * Something that is used up was bought: from now on it is counted down.
     *
     * @return Created<CareAnswer>
     */
    public function store(AddConsumableRequest $request, Ledger $ledger): Created
    {
        $kind = $request->kind();
        $amount = $request->amount();
        $ledger->record(
            'consumable-bought',
            $kind->label(),
            "Bought {$kind->label()}: ".LengthFormatter::decimal($amount, 1).'.',
            static function (Changes $changes) use ($kind, $amount): void {
                $before = ConsumableStock::of($changes->bench)->where('kind', $kind)->first();
                $columns = ['bought' => $amount, 'bought_on' => Carbon::now()->toDateString()];
                $before === null
                    ? $changes->create(ConsumableStock::of($changes->bench), ['kind' => $kind, ...$columns])
                    : $changes->update($before, $columns);
            },
        );

        return new Created((new CareController())->show($ledger->bench));
    }

    public function destroy(VersionedRequest $request, Ledger $ledger, ConsumableStock $consumable): CareAnswer
    {
        $ledger->record(
            'consumable-removed',
            $consumable->kind->label(),
            "No longer counts the {$consumable->kind->label()}.",
            static fn (Changes $changes) => $changes->delete($consumable, $request->version()),
        );

        return (new CareController())->show($ledger->bench);
    }
}

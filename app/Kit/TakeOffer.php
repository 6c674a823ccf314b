<?php

declare(strict_types=1);

namespace App\Kit;

use App\Edge\EdgesOfTool;
use App\Kit\Answer\KitAnswer;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Reference\ReferencesOfTool;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use App\Work\KitOfBench;
use Illuminate\Support\Carbon;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\Offers;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Tool\ToolKinds;

/** Turns an offer from the list of kinds into a tool of the bench. */
final readonly class TakeOffer
{
    private KitOfBench $kit;

    public function __construct(private Ledger $ledger, private LengthFormatter $format)
    {
        $this->kit = new KitOfBench($ledger->bench);
    }

    public function as(ToolStatus $status, string $id): KitAnswer
    {
        $offer = $this->named($id);
        $sentence = match (true) {
            $status === ToolStatus::Wanted => "Put the {$offer->name} on the list.",
            $offer->making !== null => "Made the {$offer->name}; it hangs on the board.",
            default => "Got the {$offer->name}; it hangs on the board.",
        };
        $kind = ToolKinds::named($offer->kind);
        $left = $status === ToolStatus::Owned ? new BudgetLeft($this->kit, $id) : null;
        $sentence .= $left?->sentence() ?? '';
        $this->ledger->record('got-tool', $offer->name, $sentence, function (Changes $changes) use (
            $offer,
            $status,
            $kind,
            $left,
        ): void {
            $left?->write($changes);
            $tool = $changes->create(Tool::of($changes->bench), [
                'kind' => $offer->kind,
                'name' => $offer->name,
                'status' => $status,
                'size' => array_diff_assoc($offer->sizes, $kind->usualSizes()),
                'price' => null,
                ...$status === ToolStatus::Owned
                    ? [
                        'hung_on' => Carbon::now()->toDateString(),
                        'bought_for' => $this->kit->wantedFor($offer->kind),
                    ]
                    : [],
            ]);
            EdgesOfTool::bring($changes, $tool, $this->format, $offer->price);
            ReferencesOfTool::bring($changes, $tool);
        });

        return KitResource::of(new KitOfBench($this->ledger->bench));
    }

    private function named(string $id): Offer
    {
        // As the ladder has it first: what cannot be made yet is bought there.
        $offers = [
            ...$this->kit->ladder()->toGet(),
            ...Offers::for([], $this->kit->school),
        ];
        foreach ($offers as $offer) {
            if ($offer->id === $id) {
                return $offer;
            }
        }
        abort(404);
    }
}

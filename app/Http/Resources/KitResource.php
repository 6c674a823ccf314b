<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\KitOfBench;
use App\Models\Tool;
use JackRest\Core\Basis;
use JackRest\Core\Explained;
use JackRest\Core\Kit\KitAdvice;
use JackRest\Core\Kit\OperationAdvice;
use JackRest\Core\Kit\PurchaseAdvice;
use JackRest\Core\Kit\ToolKinds;

/** The board of tools, the work and what it lacks. */
final class KitResource
{
    /** @return array<string, mixed> */
    public static function of(KitOfBench $kit): array
    {
        $advice = $kit->advice();
        $order = array_flip(array_keys(ToolKinds::all()));
        $tools = $kit->tools->sortBy(static fn (Tool $tool): array => [$order[$tool->kind], $tool->name])->values();

        return [
            'board' => $tools->map(ToolResource::of(...))->all(),
            'work' => ['id' => $kit->work->id, 'name' => $kit->work->name, 'says' => $kit->work->says],
            'operations' => array_map(self::operation(...), $advice->operations),
            'plan' => [
                'sentence' => self::sentence($kit, $advice),
                'cost' => $advice->cost,
                'provenOptimal' => $advice->provenOptimal,
                'purchases' => array_map(static fn (PurchaseAdvice $purchase): array => self::purchase($purchase, $kit), $advice->purchases),
            ],
            'how' => Shared::how([self::how($advice)]),
        ];
    }

    private static function sentence(KitOfBench $kit, KitAdvice $advice): string
    {
        $names = array_map(static fn (PurchaseAdvice $purchase): string => 'the '.$purchase->kind->name, $advice->purchases);
        $cost = Money::plain($advice->cost);

        return match (true) {
            $advice->missing() === [] => "Everything the {$kit->work->name} ask for can be done with what hangs here.",
            $names === [] => 'Nothing on your list closes the gap. Add a tool that does.',
            default => 'Get '.implode(' and ', $names).": $cost closes the gap.",
        };
    }

    /** @return array<string, mixed> */
    private static function operation(OperationAdvice $row): array
    {
        $way = $row->now ?? $row->planned;
        $kinds = array_map(static fn (string $kind): string => ToolKinds::named($kind)->name, $way->kinds ?? []);

        return [
            'id' => $row->operation->id,
            'name' => $row->operation->name,
            'state' => $row->now !== null ? 'now' : ($row->planned !== null ? 'planned' : 'impossible'),
            'tools' => implode(', ', $kinds),
            'says' => $way->says ?? 'No tool you own or want does this well enough.',
            'grade' => $way?->grade,
        ];
    }

    /** @return array<string, mixed> */
    private static function purchase(PurchaseAdvice $purchase, KitOfBench $kit): array
    {
        $instead = $purchase->insteadCost === null ? '' : ' That would cost '.Money::plain($purchase->insteadCost).'.';

        return [
            'toolId' => $kit->cheapestWanted($purchase->kind->id)?->id,
            'name' => $purchase->kind->name,
            'cost' => $purchase->cost,
            'why' => $purchase->why().$instead,
        ];
    }

    private static function how(KitAdvice $advice): Explained
    {
        $cost = Money::plain($advice->cost);
        $sum = implode(' + ', array_map(static fn (PurchaseAdvice $purchase): string => Money::plain($purchase->cost), $advice->purchases));

        return new Explained(
            'Is there no cheaper way?',
            'least cost of tools such that every operation has a good enough method, each tool with all it needs',
            $sum === '' ? 'nothing to get' : ($sum === $cost ? $cost : "$sum = $cost").($advice->provenOptimal ? ', and nothing cheaper exists among the tools on your list' : ', the best found so far'),
            Basis::CommonPractice,
            'Exact search over every combination. Methods and grades are common practice; the prices are yours (the demo’s are invented).',
        );
    }
}

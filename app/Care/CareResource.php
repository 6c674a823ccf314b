<?php

declare(strict_types=1);

namespace App\Care;

use App\Bench\Bench;
use JackRest\Core\Care\CareRound;
use JackRest\Core\Care\Consumable;
use JackRest\Core\Care\Damp;

/** Rounds of care with when they were done last, and what is used up. */
final class CareResource
{
    /** @return array<string, mixed> */
    public static function of(Bench $bench): array
    {
        $care = new CareOfBench($bench);
        $here = $care->daysHere();

        return [
            'rounds' => array_map(
                static fn (CareRound $round): array => [
                    'key' => "care-{$round->job->value}",
                    'says' => $round->job->says($round->tools),
                    'why' => $round->job->why(),
                    'last' => $round->sentence(),
                    'isDue' => $round->isDue($here),
                    'minutes' => $round->minutes(),
                ],
                $care->rounds(),
            ),
            'damp' => $care->damp->value,
            'dampByLog' => $care->dampByLog(),
            'damps' => array_map(
                static fn (Damp $damp): array => ['value' => $damp->value, 'label' => $damp->label()],
                Damp::cases(),
            ),
            'stocks' => array_values(
                $bench
                    ->consumables()
                    ->oldest('id')
                    ->get()
                    ->map(static function (ConsumableStock $bought) use ($care): array {
                        $stock = $care->stock($bought);

                        return [
                            'id' => $bought->id,
                            'version' => $bought->version,
                            'key' => "stock-{$bought->id}",
                            'label' => $bought->kind->label(),
                            'says' => $stock->sentence(),
                            'isLow' => $stock->isLow(),
                            'share' => $bought->bought > 0 ? $stock->left() / $bought->bought : 0.0,
                        ];
                    })
                    ->all(),
            ),
            'kinds' => array_map(
                static fn (Consumable $kind): array => [
                    'value' => $kind->value,
                    'label' => $kind->label(),
                    'one' => $kind->one(),
                ],
                Consumable::cases(),
            ),
        ];
    }
}

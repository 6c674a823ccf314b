<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Requests\PriceRequest;
use App\Http\Resources\KitResource;
use App\Http\Resources\Money;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;

final class ChangePrice
{
    public function __invoke(PriceRequest $request, Ledger $ledger, Tool $tool): JsonResponse
    {
        $price = $request->price();
        $ledger->record('price', $tool->name, "Price of the {$tool->name}: ".Money::plain($price).'.', static function (Changes $changes) use ($tool, $price, $request): void {
            $changes->update($tool, ['price' => $price], $request->version());
        });

        return new JsonResponse(KitResource::of(new KitOfBench($ledger->bench)));
    }
}

<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\Money;
use App\Ledger\Changes;
use App\School\KitSettings;
use App\Work\KitOfBench;
use JackRest\Core\Kit\Offer;

/** What is left of the budget once a tool of the ladder is paid for: the ladder must not spend it twice. */
final readonly class BudgetLeft
{
    private KitSettings $settings;

    private ?float $left;

    /** @param  string  $id  of the offer; a tool on the user's own list has its number for it */
    public function __construct(KitOfBench $kit, string $id)
    {
        $this->settings = $kit->settings;
        $offer = array_column($kit->ladder()->toGet(), null, 'id')[$id] ?? null;
        $this->left = $kit->settings->budget === null || ! $offer instanceof Offer
            ? null
            : max(0.0, round($kit->settings->budget - $offer->price, 2));
    }

    /** For the diary, after what was done; empty where no budget is kept. */
    public function sentence(): string
    {
        return $this->left === null ? '' : ' '.Money::plain($this->left).' of the budget is left.';
    }

    public function write(Changes $changes): void
    {
        if ($this->left !== null) {
            $changes->update($this->settings, ['budget' => $this->left], added: ['budget']);
        }
    }
}

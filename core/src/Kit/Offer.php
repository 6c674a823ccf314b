<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Tool\ShopMade;

/** A tool that could be had: bought, or made. */
final readonly class Offer
{
    /**
     * @param  string  $id  told apart by kind and size, or the record it stands for
     * @param  array<string, float>  $sizes
     * @param  float  $price  what getting it costs, as planned
     * @param  ShopMade|null  $making  how it is made; null: it is bought
     * @param  bool  $ownPrice  whether the price is the user's
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public array $sizes,
        public float $price,
        public ?ShopMade $making = null,
        public bool $ownPrice = false,
    ) {
    }

    public function bought(float $price): self
    {
        return new self($this->id, $this->kind, $this->name, $this->sizes, $price, null, $this->ownPrice);
    }
}

<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

/** One list of a bench card. */
final readonly class CardList
{
    /** @param  list<CardLine>  $lines */
    public function __construct(public string $title, public array $lines)
    {
    }
}

<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Season\RestLog;

/** The blanks of a shelf for one piece, the best first, with the reasons. */
final readonly class Ranking
{
    /** @param  list<Judged>  $judged  best first */
    private function __construct(public array $judged, public bool $isLogged)
    {
    }

    /** @param  list<WoodBlank>  $blanks */
    public static function of(array $blanks, WantedPiece $wanted, RestLog $log): self
    {
        return self::through($blanks, $wanted, Swing::of($log, $wanted->thicknessMm));
    }

    /**
     * Where the shop's year is known already.
     *
     * @param  list<WoodBlank>  $blanks
     */
    public static function through(array $blanks, WantedPiece $wanted, Swing $swing): self
    {
        $judged = array_map(
            static fn (WoodBlank $blank): Judged => new Judged($blank, $wanted, $swing),
            $blanks,
        );
        usort($judged, static fn (Judged $one, Judged $other): int => $one->compare($other));

        return new self($judged, $swing->isLogged);
    }

    /** The one to take: the best that is not ruled out; null: none is. */
    public function best(): ?Judged
    {
        $first = $this->judged[0] ?? null;

        return $first === null || $first->fitness === Fitness::Unfit ? null : $first;
    }
}

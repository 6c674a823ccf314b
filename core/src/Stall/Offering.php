<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

use JackRest\Core\Measure\DecimalRounding;

/**
 * What a second-hand tool is worth to this user, and the most to offer for it.
 *
 * Fair = their own price for a good one less what mending takes: what is bought for it, and the hours at their own
 * worth. Most to offer = fair less half the mending of every check that was not made: what was not looked at is as
 * likely wrong as right (from memory). One reason to walk away, and it is worth nothing.
 */
final readonly class Offering
{
    /** Finer than any price, coarser than what adding leaves. */
    private const NOISE_PLACES = 6;

    /** How likely something not looked at is wrong; from memory. */
    private const DOUBT = 0.5;

    /** @param  non-empty-list<OfferLine>  $lines  from the good one's price down */
    private function __construct(public float $fair, public float $most, public array $lines)
    {
    }

    /** What is fair in whole money, rounded down. */
    public function wholeFair(): int
    {
        return self::whole($this->fair);
    }

    /** The most to offer in whole money, rounded down. */
    public function wholeMost(): int
    {
        return self::whole($this->most);
    }

    /** Sums of floats leave 41.99999999999999 of 42 now and then, which is 42. */
    private static function whole(float $price): int
    {
        return (int) floor(DecimalRounding::to($price, self::NOISE_PLACES));
    }

    /** @param  list<Finding>  $findings */
    public static function of(float $goodPrice, float $perHour, array $findings): self
    {
        $lines = [new OfferLine($goodPrice)];
        $doubt = 0.0;
        $open = 0;
        foreach ($findings as $one) {
            if ($one->outcome === Outcome::WalkAway) {
                return new self(0.0, 0.0, [...$lines, new OfferLine(-$goodPrice, $one)]);
            }
            if ($one->mending !== null) {
                $lines[] = new OfferLine(-$one->mending->price($perHour), $one);
            } elseif ($one->outcome === null) {
                $open++;
                $doubt += self::DOUBT * ($one->check->mending?->price($perHour) ?? $goodPrice * self::DOUBT);
            }
        }
        $fair = max(0.0, array_sum(array_map(static fn (OfferLine $line): float => $line->amount, $lines)));

        return new self(
            $fair,
            max(0.0, $fair - $doubt),
            $open === 0 ? $lines : [...$lines, new OfferLine(-$doubt, open: $open)],
        );
    }
}

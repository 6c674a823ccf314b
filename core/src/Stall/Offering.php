<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

/**
 * What a second-hand tool is worth to this user, and the most to offer for it.
 *
 * Fair = their own price for a good one less what mending takes: what is bought for it, and the hours at their own
 * worth. Most to offer = fair less half the mending of every check that was not made: what was not looked at is as
 * likely wrong as right (from memory). One reason to walk away, and it is worth nothing.
 */
final readonly class Offering
{
    /** How likely something not looked at is wrong; from memory. */
    private const DOUBT = 0.5;

    /**
     * @param  list<array{says: string, amount: float}>  $lines  the arithmetic, from the good one's price down
     */
    private function __construct(public float $fair, public float $most, public array $lines)
    {
    }

    /** @param  list<Looked>  $looked */
    public static function of(float $goodPrice, float $perHour, array $looked): self
    {
        $lines = [['says' => 'a good one', 'amount' => $goodPrice]];
        $doubt = 0.0;
        $open = 0;
        foreach ($looked as $one) {
            if ($one->outcome === Outcome::WalkAway) {
                return new self(0.0, 0.0, [...$lines, ['says' => $one->check->walkAway ?? $one->says, 'amount' => -$goodPrice]]);
            }
            if ($one->outcome === Outcome::Mend && $one->mending !== null) {
                $lines[] = ['says' => self::words($one->mending), 'amount' => -$one->mending->price($perHour)];
            } elseif ($one->outcome === null) {
                $open++;
                $doubt += self::DOUBT * ($one->check->mending?->price($perHour) ?? $goodPrice * self::DOUBT);
            }
        }
        $fair = max(0.0, array_sum(array_column($lines, 'amount')));
        if ($open > 0) {
            $lines[] = ['says' => ($open === 1 ? '1 check' : "$open checks").' not made, half their mending', 'amount' => -$doubt];
        }

        return new self($fair, max(0.0, $fair - $doubt), $lines);
    }

    private static function words(Mending $mending): string
    {
        return $mending->says.($mending->minutes > 0 ? ", {$mending->minutes} min" : '');
    }
}

<?php

declare(strict_types=1);

namespace JackRest\Core\Eye;

use JackRest\Core\Calculation\InvalidInput;

/**
 * The smallest error somebody sees reliably, and between which sizes it lies with a chance of 80 %.
 *
 * "Reliably" is where the {@see Staircase} hovers. How often an error is seen grows with the logarithm of its size as a
 * logistic curve from mere guessing to all but the slips (F. A. Wichmann and N. J. Hill, "The psychometric function I",
 * Perception & Psychophysics 63, 2001). Where it lies and how steep it is are both unknown: every place on a grid is
 * weighed by how well it explains the answers, all alike beforehand.
 */
final readonly class SeenError
{
    /** Answers that slip whatever is shown; Wichmann and Hill let it be up to 0.06. */
    private const SLIPS = 0.02;

    /** Steepness: logarithms of size from 27 % to 50 % of the way; from memory. */
    private const SPREADS = [0.15, 0.25, 0.4, 0.6];

    private const PLACES = 96;

    /** How far beyond the errors shown the grid reaches, as a factor. */
    private const BEYOND = 8.0;

    private const LOW = 0.1;

    private const HIGH = 0.9;

    private function __construct(public float $size, public float $low, public float $high, public int $answers)
    {
    }

    /**
     * @param  list<Trial>  $trials
     * @param  float  $guessed  share of right answers by mere guessing: 1 of the choices there are
     * @return self|null null: nothing was answered
     *
     * @throws InvalidInput where guessing alone is right as often as seeing reliably
     */
    public static function of(array $trials, float $guessed): ?self
    {
        if (! ($guessed >= 0 && $guessed < Staircase::SEEN)) {
            throw InvalidInput::because('guessed', 'must be from 0 to less than '.Staircase::SEEN);
        }
        if ($trials === []) {
            return null;
        }
        $places = self::weights($trials, $guessed);
        $all = array_sum(array_column($places, 1));
        $at = static function (float $share) use ($places, $all): float {
            $sum = 0.0;
            $reached = $places[0][0];
            foreach ($places as [$place, $weight]) {
                $reached = $place;
                $sum += $weight;
                if ($sum >= $share * $all) {
                    break;
                }
            }

            return $reached;
        };

        return new self(exp($at(0.5)), exp($at(self::LOW)), exp($at(self::HIGH)), count($trials));
    }

    /**
     * The grid is of what is asked for, so that every size is as likely beforehand.
     *
     * @param  non-empty-list<Trial>  $trials
     * @return non-empty-list<array{float, float}> logarithm of an error seen reliably, and how well it explains the
     *     answers; ascending
     */
    private static function weights(array $trials, float $guessed): array
    {
        $sizes = array_map(static fn (Trial $trial): float => log($trial->size), $trials);
        [$from, $until] = [min($sizes) - log(self::BEYOND), max($sizes) + log(self::BEYOND)];
        $seen = self::reliably($guessed);
        $places = array_map(
            static function (int $place) use ($trials, $sizes, $from, $until, $seen, $guessed): array {
                $at = $from + ($until - $from) * $place / self::PLACES;

                return [$at, array_map(static fn (float $spread): float => self::explained(
                    $trials,
                    $sizes,
                    $at - $spread * $seen,
                    $spread,
                    $guessed,
                ), self::SPREADS)];
            },
            range(0, self::PLACES),
        );
        $most = max(array_map(static fn (array $place): float => max($place[1]), $places));

        return array_map(
            static fn (array $place): array => [
                $place[0],
                array_sum(array_map(static fn (float $log): float => exp($log - $most), $place[1])),
            ],
            $places,
        );
    }

    /**
     * @param  list<Trial>  $trials
     * @param  list<float>  $sizes  their logarithms
     * @return float logarithm of the likelihood
     */
    private static function explained(array $trials, array $sizes, float $middle, float $spread, float $guessed): float
    {
        $sum = 0.0;
        foreach ($trials as $index => $trial) {
            $right = self::chance($sizes[$index], $middle, $spread, $guessed);
            $sum += log($trial->isRight ? $right : 1 - $right);
        }

        return $sum;
    }

    /** Chance of a right answer to an error of this logarithm. */
    private static function chance(float $size, float $middle, float $spread, float $guessed): float
    {
        return $guessed + (1 - $guessed - self::SLIPS) / (1 + exp(($middle - $size) / $spread));
    }

    /** How many spreads beyond its middle the curve reaches what counts as reliable. */
    private static function reliably(float $guessed): float
    {
        $share = (Staircase::SEEN - $guessed) / (1 - $guessed - self::SLIPS);

        return log($share / (1 - $share));
    }
}

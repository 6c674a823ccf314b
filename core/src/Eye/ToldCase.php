<?php

declare(strict_types=1);

namespace JackRest\Core\Eye;

use JackRest\Core\Edge\Abrasive;
use JackRest\Core\Edge\HoningPlan;
use JackRest\Core\Edge\HoningPlanInput;
use JackRest\Core\Setting\BoreTurns;
use JackRest\Core\Setting\BoreTurnsInput;
use JackRest\Core\Setting\ShavingCount;
use JackRest\Core\Setting\ShavingCountInput;
use JackRest\Core\Setting\ShavingPack;
use LogicException;

/** A question of judgement: what is told, what is right by the calculation, and what is not. */
final readonly class ToldCase
{
    /** Particles of the stones in the rack of the question, µm. */
    private const STONES = [58.0, 15.0, 5.0];

    /** The stone all of them end on, µm. */
    private const LAST_UM = 1.2;

    /**
     * @param  array<string, float>  $facts
     * @param  list<float>  $wrong  as many as there are other choices
     */
    private function __construct(public array $facts, public float $right, public array $wrong)
    {
    }

    /**
     * @param  int  $seed  of the run
     * @param  int  $number  of the case in it
     */
    public static function of(Exercise $exercise, int $seed, int $number): self
    {
        $dice = static fn (string $of, int $least, int $most): int => $least
            + crc32("{$exercise->value} $of $seed $number") % ($most - $least + 1);

        return match ($exercise) {
            Exercise::Shavings => self::shavings(
                $dice('off', 3, 14) / 20,
                $dice('pack', 4, 16) / 20,
                $dice('way', 0, 1),
            ),
            Exercise::Turns => self::turns((float) $dice('deep', 8, 40), $dice('lead', 5, 8) / 4, $dice('way', 0, 1)),
            Exercise::Stone => self::stone((float) [6, 12, 18, 25][$dice('wide', 0, 3)],
                (float) [1, 4, 12, 30, 90, 200][$dice('off', 0, 5)], $dice('land', 2, 6) / 2),
            default => throw new LogicException('that is seen, not judged'),
        };
    }

    private static function shavings(float $offMm, float $packMm, int $way): self
    {
        $count = (new ShavingCount())(new ShavingCountInput(20 + $offMm, 20, pack: new ShavingPack(10, $packMm)));

        $right = $count->shavings;

        return new self(['off' => $offMm, 'pack' => $packMm], (float) $right, self::beside($right, $way));
    }

    private static function turns(float $depthMm, float $leadMm, int $way): self
    {
        $hole = (new BoreTurns())(new BoreTurnsInput($leadMm, 0.0, $depthMm));
        $whole = (int) round($hole->turns);

        return new self(['depth' => $depthMm, 'lead' => $leadMm], (float) $whole, self::beside($whole, $way));
    }

    private static function stone(float $widthMm, float $offUm, float $landMm): self
    {
        $abrasives = array_map(
            static fn (float $um): Abrasive => new Abrasive((string) $um, $um, changeSeconds: 20.0),
            [...self::STONES, self::LAST_UM],
        );
        $plan = (new HoningPlan())(new HoningPlanInput($landMm, $widthMm, $offUm, self::LAST_UM, $abrasives));
        $first = (float) $plan->path[0]->id;
        // Where the last stone does all of it, the finest of those named is the nearest.
        $right = $first < min(self::STONES) ? min(self::STONES) : $first;

        return new self(
            ['width' => $widthMm, 'land' => $landMm, 'off' => $offUm],
            $right,
            array_values(array_diff(self::STONES, [$right])),
        );
    }

    /**
     * A third and more away from what is right, so that it is no quarrel about one; on one side or on both.
     *
     * @return list<float>
     */
    private static function beside(int $right, int $way): array
    {
        $step = max(2, (int) ceil($right / 3));

        return $way === 0 && $right - $step > 0
            ? [(float) ($right - $step), (float) ($right + $step)]
            : [(float) ($right + $step), (float) ($right + 2 * $step)];
    }
}

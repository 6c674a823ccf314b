<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Care\Consumable;
use JackRest\Core\Care\Stock;
use JackRest\Core\Job\Honing;
use JackRest\Core\Job\JobUse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Kit\PurchaseWords;

/** What a job takes of steel, paper, compound and blades, and whether there is as much. */
final readonly class JobUseWords
{
    /** What is told, in this order; the rest goes by rounds of care. */
    private const TOLD = [Consumable::Paper, Consumable::Compound, Consumable::Blades];

    public function __construct(private LengthFormatter $format)
    {
    }

    /**
     * @param  iterable<JobStep>  $steps
     * @param  list<string|null>  $days  of each, as far as they are known
     */
    public static function of(iterable $steps, array $days): JobUse
    {
        $honings = $bladeDays = [];
        $place = 0;
        foreach ($steps as $step) {
            if ($step->honing instanceof Honing) {
                $honings[] = $step->honing;
            }
            if ($step->takesBlades) {
                $bladeDays[$days[$place] ?? ''] = true;
            }
            $place++;
        }

        return JobUse::of($honings, count($bladeDays));
    }

    /**
     * What a plan will take.
     *
     * @param  list<Stock>  $stocks
     */
    public function forecast(JobUse $use, array $stocks): string
    {
        $parts = $this->parts($use);
        if ($parts === []) {
            return '';
        }
        $short = [];
        foreach ($stocks as $stock) {
            if (in_array($stock->of, self::TOLD, true) && $use->amount($stock->of) > $stock->left()) {
                $short[] = self::some($stock->left(), $stock->of).' left';
            }
        }

        return 'It takes '.PurchaseWords::listed($parts).'.'.($short === [] ? '' : ' There is not as much: '.
            PurchaseWords::listed($short).'.');
    }

    /** What was taken by what is done; empty: nothing was. */
    public function taken(JobUse $use): string
    {
        $parts = $this->parts($use);

        return $parts === [] ? '' : 'That took '.PurchaseWords::listed($parts).'.';
    }

    /** @return list<string> */
    private function parts(JobUse $use): array
    {
        $parts = $use->steelMm > 0 ? [$this->format->small($use->steelMm).' of steel'] : [];
        foreach (self::TOLD as $kind) {
            $amount = $use->amount($kind);
            if ($amount > 0) {
                $parts[] = self::some($amount, $kind);
            }
        }

        return $parts;
    }

    /** 2.4 sheets of abrasive paper; a little strop compound */
    private static function some(float $amount, Consumable $kind): string
    {
        $told = LengthFormatter::decimal($amount, 1);
        $of = $kind === Consumable::Blades ? '' : " of {$kind->label()}";

        return match (true) {
            $kind === Consumable::Blades => match (true) {
                $amount <= 0 => 'no saw blade',
                $told === '1' => 'one saw blade',
                $amount < 1 => "$told of a saw blade",
                default => "$told saw blades",
            },
            $amount > 0 && $amount < 0.05 => "a little {$kind->label()}",
            $told === '1' => "1 {$kind->one()}$of",
            default => "$told {$kind->one()}s$of",
        };
    }
}

<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Core\Fit\Marker;
use JackRest\Core\Fit\MarkingChain;
use JackRest\Core\Fit\MarkingChainInput;
use JackRest\Core\Fit\MarkingStep;
use JackRest\Core\Measure\LengthFormatter;

/** A dimension carried by transfer and by numbers: how far off each may end, and whether the joint can bear it. */
final class Chains
{
    /** What a glued corner and a tenon bear between their two parts; from memory. */
    public const DOVETAIL_MM = 0.2;

    public const TENON_MM = 0.15;

    /** @return list<SetOutRow> */
    public static function ofDovetails(Hands $hands, LengthFormatter $format): array
    {
        $gauge = self::gauge($hands);

        return self::rows(
            [new MarkingStep($gauge), new MarkingStep(Marker::Knife)],
            'gauge the baseline, knife round the tails',
            [new MarkingStep($gauge), new MarkingStep(Marker::Rule, 2), new MarkingStep(Marker::Knife, 2)],
            'gauge, and measure and knife tails and pins each for itself',
            self::DOVETAIL_MM,
            $hands,
            $format,
        );
    }

    /** @return list<SetOutRow> */
    public static function ofTenon(Hands $hands, LengthFormatter $format): array
    {
        $gauge = self::gauge($hands);

        return self::rows(
            [new MarkingStep($gauge)],
            'one setting of the gauge marks both',
            [new MarkingStep(Marker::Rule, 2), new MarkingStep($gauge, 2)],
            'the gauge set by the rule for each',
            self::TENON_MM,
            $hands,
            $format,
        );
    }

    /**
     * @param  list<MarkingStep>  $transfer
     * @param  list<MarkingStep>  $numbers
     * @return list<SetOutRow>
     */
    private static function rows(
        array $transfer,
        string $transferred,
        array $numbers,
        string $measured,
        float $bearsMm,
        Hands $hands,
        LengthFormatter $format,
    ): array {
        $own = $hands->school->says('measuring');

        return [
            self::row('By transfer', $transfer, $transferred, $bearsMm, $own === 'transfer', $format),
            self::row('By numbers', $numbers, $measured, $bearsMm, $own === 'numbers', $format),
        ];
    }

    /** @param  list<MarkingStep>  $steps */
    private static function row(
        string $name,
        array $steps,
        string $how,
        float $bearsMm,
        bool $isOwn,
        LengthFormatter $format,
    ): SetOutRow {
        $chain = (new MarkingChain())(new MarkingChainInput($steps, $bearsMm));
        $bears = match (true) {
            $chain->worstMm <= $bearsMm => 'this joint can bear it',
            $chain->likelyMm <= $bearsMm => 'this joint can probably bear it',
            default => 'more than this joint can bear',
        };

        return new SetOutRow(
            $name,
            "{$format->small($chain->likelyMm)} likely, {$format->small($chain->worstMm)} at worst",
            "$how; $bears ({$format->small($bearsMm)})",
            $isOwn,
        );
    }

    private static function gauge(Hands $hands): Marker
    {
        return $hands->of('wheel-gauge', 'cutting-gauge') !== [] ? Marker::BladeGauge : Marker::PinGauge;
    }
}

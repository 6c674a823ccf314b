<?php

declare(strict_types=1);

namespace App\Stall;

use App\Bench\Bench;
use App\Http\Answer\WordAnswer;
use App\Http\Money;
use App\Stall\Answer\AwayAnswer;
use App\Stall\Answer\AwayCheckAnswer;
use App\Stall\Answer\AwayKindAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\PriceTable;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Stall\Inspection;
use JackRest\Desk\Stall\MeasuredWords;

/** What a phone takes along to the stall. */
final class AwayResource
{
    public static function all(Bench $bench, LengthFormatter $format): AwayAnswer
    {
        $perHour = LookOver::perHour($bench);
        $kinds = array_map(ToolKinds::named(...), LookOverRequest::kinds());
        usort($kinds, static fn (ToolKind $a, ToolKind $b): int => $a->name <=> $b->name);

        return new AwayAnswer(
            kinds: array_map(
                static fn (ToolKind $kind): AwayKindAnswer => self::kind($kind, $perHour, $format),
                $kinds,
            ),
            perHour: Money::plain($perHour),
            caution: Inspection::CAUTION,
        );
    }

    private static function kind(ToolKind $kind, float $perHour, LengthFormatter $format): AwayKindAnswer
    {
        $table = PriceTable::of($kind, $kind->price, $perHour);

        return new AwayKindAnswer(
            kind: $kind->id,
            name: $kind->name,
            good: Money::plain($kind->price),
            checks: array_map(
                static fn (Check $check, int $standings): AwayCheckAnswer => self::check($check, $standings, $format),
                $table->checks,
                $table->standings,
            ),
            most: $table->most,
        );
    }

    private static function check(Check $check, int $standings, LengthFormatter $format): AwayCheckAnswer
    {
        return new AwayCheckAnswer(
            id: $check->id,
            asks: $check->asks,
            see: $check->see,
            sign: $check->sign,
            outcomes: WordAnswer::each($check->outcomes()),
            standings: $standings,
            mending: $check->mending?->says,
            walkAway: $check->walkAway,
            labels: $check->measured->labels ?? [],
            sound: $check->measured === null ? null : (new MeasuredWords($check->measured, $format))->limit(),
        );
    }
}

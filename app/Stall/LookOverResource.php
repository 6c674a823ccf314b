<?php

declare(strict_types=1);

namespace App\Stall;

use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use App\Http\Money;
use App\Photo\Answer\PhotoAnswer;
use App\Photo\Photo;
use App\Stall\Answer\ListedLookAnswer;
use App\Stall\Answer\LookAnswer;
use App\Stall\Answer\LookCheckAnswer;
use App\Stall\Answer\PriceLineAnswer;
use App\Tool\Answer\DimensionAnswer;
use App\Tool\KindResource;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Stall\Outcome;
use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Stall\Inspection as CoreLookOver;
use JackRest\Desk\Stall\Looked;
use JackRest\Desk\Stall\MeasuredWords;

/** A second-hand tool looked over: on the list, and check by check. */
final class LookOverResource
{
    public static function listed(LookOver $look, LengthFormatter $format): ListedLookAnswer
    {
        $core = $look->toCore($format);
        $done = count(array_filter($core->looked, static fn (Looked $one): bool => $one->finding->outcome !== null));

        return new ListedLookAnswer(
            id: $look->id,
            name: $look->name,
            kind: ToolKinds::named($look->kind)->name,
            form: ToolKinds::named($look->kind)->form,
            state: $look->state,
            begunAt: $look->begun_at,
            says: match ($look->state) {
                'bought' => 'Bought; it hangs in the kit.',
                'left' => 'Left at the stall.',
                default => $core->isOver()
                    ? 'Walk away.'
                    : "$done of ".
                        count($core->looked).
                        ' checks made; offer at most '.
                        Money::plain($core->offering->wholeMost()).
                        '.',
            },
        );
    }

    /** @param  array<string, string>  $complaints  what is wrong in the fields just sent, by field */
    public static function page(LookOver $look, LengthFormatter $format, array $complaints = []): LookAnswer
    {
        $core = $look->toCore($format);
        $form = $look->toolForm($format);

        return new LookAnswer(
            id: $look->id,
            version: $look->version,
            name: $look->name,
            kind: ToolKinds::named($look->kind)->name,
            state: $look->state,
            toolId: $look->tool_id,
            checks: array_map(
                static fn (Looked $one): LookCheckAnswer => self::check($one, $look->foundIn($format), $format),
                $core->looked,
            ),
            dimensions: array_map(
                static fn (Dimension $dimension): DimensionAnswer => KindResource::dimension(
                    $dimension,
                    $format,
                    $form->sizes[$dimension->name],
                ),
                $form->kind->asked(),
            ),
            sizes: $look->sizesIn($format),
            figures: $form->form->readings,
            nextCheck: $core->nextCheck()?->check->id,
            next: NextAnswer::of($core->next(Money::plain(...))),
            good: self::typed($look->good_price),
            perHour: self::typed($look->per_hour),
            asked: $look->asked === null ? '' : self::typed($look->asked),
            fair: Money::plain($core->offering->wholeFair()),
            most: Money::plain($core->offering->wholeMost()),
            lines: array_map(
                static fn (array $line): PriceLineAnswer => new PriceLineAnswer(
                    says: $line['says'],
                    amount: ($line['amount'] < 0 ? '− ' : '').Money::plain(round(abs($line['amount']), 2)),
                ),
                $core->lines(),
            ),
            mostTyped: self::typed($core->offering->wholeMost()),
            photos: array_values(
                $look->photos
                    ->map(static fn (Photo $photo, int $at): PhotoAnswer => PhotoAnswer::of(
                        $photo,
                        'Photograph '.($at + 1)." of the {$look->name}",
                    ))
                    ->all(),
            ),
            caution: CoreLookOver::CAUTION,
            complaints: $complaints,
        );
    }

    /**
     * @param  array<string, array{outcome: string|null, readings: list<string>}>  $found
     */
    private static function check(Looked $one, array $found, LengthFormatter $format): LookCheckAnswer
    {
        $mending = $one->finding->mending;

        return new LookCheckAnswer(
            id: $one->check->id,
            asks: $one->check->asks,
            see: $one->check->see,
            sign: $one->check->sign,
            outcomes: WordAnswer::each($one->check->outcomes()),
            outcome: $one->finding->outcome,
            says: match (true) {
                $one->finding->outcome === Outcome::WalkAway => $one->whyNot(),
                $mending !== null => ucfirst($mending->says).
                    ($mending->minutes > 0 ? ", {$mending->minutes} min" : '').
                    ($mending->cost > 0 ? ', '.Money::plain($mending->cost) : '').
                    '.',
                default => $one->says,
            },
            labels: $one->check->measured->labels ?? [],
            typed: $one->check->measured === null
                ? []
                : array_map(
                    static fn (int $index): string => $found[$one->check->id]['readings'][$index] ?? '',
                    array_keys($one->check->measured->labels),
                ),
            readings: $one->readings,
            sound: $one->check->measured === null ? null : (new MeasuredWords($one->check->measured, $format))->limit(),
        );
    }

    private static function typed(float $price): string
    {
        return floor($price) === $price ? (string) (int) $price : number_format($price, 2, '.', '');
    }
}

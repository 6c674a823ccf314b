<?php

declare(strict_types=1);

namespace App\Stall;

use App\Http\FieldResource;
use App\Http\Money;
use App\Http\Shared;
use App\Kit\KindResource;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Stall\Outcome;
use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Stall\Inspection as CoreLookOver;
use JackRest\Desk\Stall\Looked;

/** A second-hand tool looked over: on the list, and check by check. */
final class LookOverResource
{
    /** @return array<string, mixed> */
    public static function listed(LookOver $look, LengthFormatter $format): array
    {
        $core = $look->toCore($format);
        $done = count(array_filter($core->looked, static fn (Looked $one): bool => $one->finding->outcome !== null));

        return [
            'id' => $look->id,
            'name' => $look->name,
            'kind' => ToolKinds::named($look->kind)->name,
            'state' => $look->state,
            'begunAt' => $look->begun_at,
            'says' => match ($look->state) {
                'bought' => 'Bought; it hangs in the kit.',
                'left' => 'Left at the stall.',
                default => $core->isOver()
                    ? 'Walk away.'
                    : "$done of ".
                        count($core->looked).
                        ' checks made; offer at most '.
                        Money::plain(floor($core->offering->most)).
                        '.',
            },
        ];
    }

    /** @return array<string, mixed> */
    public static function page(LookOver $look, LengthFormatter $format): array
    {
        $core = $look->toCore($format);
        $sheet = $look->toolSheet($format);

        return [
            'id' => $look->id,
            'version' => $look->version,
            'name' => $look->name,
            'kind' => ToolKinds::named($look->kind)->name,
            'state' => $look->state,
            'toolId' => $look->tool_id,
            'checks' => array_map(
                static fn (Looked $one): array => self::check($one, $look->foundIn($format), $format),
                $core->looked,
            ),
            'dimensions' => array_map(
                static fn (Dimension $dimension): array => [
                    'usual' => KindResource::typed($sheet->sizes[$dimension->name], $dimension->unit, $format),
                ] + KindResource::dimension($dimension, $format),
                $sheet->kind->asked(),
            ),
            'sizes' => (object) $look->sizesIn($format),
            'figures' => FieldResource::readings($sheet->form),
            'nextCheck' => $core->nextCheck()?->check->id,
            'next' => Shared::advice($core->next(Money::plain(...))),
            'good' => self::typed($look->good_price),
            'perHour' => self::typed($look->per_hour),
            'asked' => $look->asked === null ? '' : self::typed($look->asked),
            'fair' => Money::plain(floor($core->offering->fair)),
            'most' => Money::plain(floor($core->offering->most)),
            'lines' => array_map(
                static fn (array $line): array => [
                    'says' => $line['says'],
                    'amount' => ($line['amount'] < 0 ? '− ' : '').Money::plain(round(abs($line['amount']), 2)),
                ],
                $core->lines(),
            ),
            'mostTyped' => self::typed(floor($core->offering->most)),
            'photos' => array_values(
                $look->photos
                    ->map(
                        static fn (Photo $photo): array => [
                            'id' => $photo->id,
                            'version' => $photo->version,
                            'width' => $photo->width,
                            'height' => $photo->height,
                        ],
                    )
                    ->all(),
            ),
            'caution' => CoreLookOver::CAUTION,
            'complaints' => (object) [],
        ];
    }

    /**
     * @param  array<string, array{outcome: string|null, readings: list<string>}>  $found
     * @return array<string, mixed>
     */
    private static function check(Looked $one, array $found, LengthFormatter $format): array
    {
        $mending = $one->finding->mending;

        return [
            'id' => $one->check->id,
            'asks' => $one->check->asks,
            'see' => $one->check->see,
            'sign' => $one->check->sign,
            'outcomes' => array_map(
                static fn (Outcome $outcome): array => ['value' => $outcome->value, 'label' => $outcome->label()],
                $one->check->outcomes(),
            ),
            'outcome' => $one->finding->outcome?->value,
            'says' => match (true) {
                $one->finding->outcome === Outcome::WalkAway => $one->whyNot(),
                $mending !== null => ucfirst($mending->says).
                    ($mending->minutes > 0 ? ", {$mending->minutes} min" : '').
                    ($mending->cost > 0 ? ', '.Money::plain($mending->cost) : '').
                    '.',
                default => $one->says,
            },
            'labels' => $one->check->measured->labels ?? [],
            'typed' => $one->check->measured === null
                    ? []
                    : array_map(
                        static fn (int $index): string => $found[$one->check->id]['readings'][$index] ?? '',
                        array_keys($one->check->measured->labels),
                    ),
            'readings' => array_map(
                static fn (Reading $reading): array => FieldResource::reading($reading),
                $one->readings,
            ),
            'sound' => $one->check->measured === null ? null : $one->check->measured->limit($format),
        ];
    }

    private static function typed(float $price): string
    {
        return floor($price) === $price ? (string) (int) $price : number_format($price, 2, '.', '');
    }
}

<?php

declare(strict_types=1);

namespace App\Edge;

use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\MicroBevel;
use JackRest\Core\Edge\MicroBevelInput;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;

/** What an entry of its diary makes of an edge. */
final class EdgeAfterEvent
{
    /** Kinds that tell how an edge is, whatever it was before. */
    private const TELLING = ['tested', 'stropped', 'touched-up', 'honed', 'ground'];

    /** @return list<string> columns that an entry adds to, whatever others added */
    public static function added(EdgeEntry $event): array
    {
        return match ($event->kind) {
            EdgeEntryKind::TouchedUp, EdgeEntryKind::Honed => ['honed_mm', 'micro_width_mm'],
            default => [],
        };
    }

    /**
     * @param  list<EdgeEntryKind>  $later  what happened to it after that
     * @return array<string, mixed> columns that change
     */
    public static function columns(Edge $edge, EdgeEntry $event, array $later): array
    {
        $columns = self::ofLatest($edge, $event);

        return match (true) {
            in_array(EdgeEntryKind::Ground, $later, true) => [],
            array_intersect(array_column($later, 'value'), self::TELLING) !== [] => array_intersect_key(
                $columns,
                array_flip(self::added($event)),
            ),
            default => $columns,
        };
    }

    /** @return array<string, mixed> columns that change when nothing happened since */
    private static function ofLatest(Edge $edge, EdgeEntry $event): array
    {
        return match ($event->kind) {
            EdgeEntryKind::Tested => ['condition' => $event->found?->need()->value ?? Edge::SHARP],
            EdgeEntryKind::Stropped => $edge->condition === EdgeNeed::TouchUp->value
                ? ['condition' => Edge::SHARP]
                : [],
            EdgeEntryKind::TouchedUp, EdgeEntryKind::Honed => [
                'condition' => Edge::SHARP,
                'nick_mm' => null,
                'honed_on' => $event->at,
                ...self::wider($edge, $event),
            ],
            EdgeEntryKind::Ground => [
                'condition' => EdgeNeed::FreshGrind->value,
                'nick_mm' => null,
                'micro_width_mm' => 0.0,
                'honed_mm' => 0.0,
            ],
            EdgeEntryKind::Measured => ['secondary_deg' => max($edge->primary_deg, (float) $event->deg)],
            EdgeEntryKind::Used => [],
        };
    }

    /** Nothing was measured: the secondary bevel grows by what such a honing usually takes. */
    public static function recessionMm(EdgeEntry $event): ?float
    {
        return match ($event->kind) {
            EdgeEntryKind::TouchedUp => $event->recessionMm ?? EdgeCondition::TouchUp->usualRecessionMm(),
            EdgeEntryKind::Honed => $event->recessionMm ?? EdgeCondition::Dull->usualRecessionMm(),
            default => $event->recessionMm,
        };
    }

    /** @return array<string, float> */
    private static function wider(Edge $edge, EdgeEntry $event): array
    {
        $recession = (float) self::recessionMm($event);
        if ($edge->secondary_deg <= $edge->primary_deg) {
            return $edge->wheel_mm === null
                ? []
                : ['honed_mm' => $edge->honed_mm + $recession * sin(deg2rad($edge->primary_deg))];
        }
        $micro = new MicroBevel();
        $now = $micro(new MicroBevelInput($edge->primary_deg, $edge->secondary_deg, widthMm: $edge->micro_width_mm));

        return [
            'micro_width_mm' => $micro(
                new MicroBevelInput($edge->primary_deg, $edge->secondary_deg, $now->recessionMm + $recession),
            )->widthMm,
        ];
    }
}

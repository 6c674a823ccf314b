<?php

declare(strict_types=1);

namespace App\Edge;

use App\Diary\DiaryResource;
use App\Edge\Answer\ConditionAnswer;
use App\Edge\Answer\EdgeAnswer;
use App\Edge\Answer\EdgePageAnswer;
use App\Ledger\DiaryEntry;
use App\Session\BenchSession;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Measure\LengthFormatter;

/** Edges: on the list and on their own page. */
final class EdgeResource
{
    public static function of(Edge $edge, LengthFormatter $format): EdgeAnswer
    {
        return new EdgeAnswer(
            id: $edge->id,
            version: $edge->version,
            name: $edge->name,
            toolId: $edge->tool_id,
            tool: $edge->tool->name,
            condition: $edge->condition,
            says: Edge::says($edge->condition),
            widthMm: $edge->width_mm,
            thicknessMm: $edge->thickness_mm,
            primaryDeg: $edge->primary_deg,
            secondaryDeg: $edge->secondary_deg,
            microWidthMm: $edge->micro_width_mm,
            finishUm: $edge->finish_um,
            thickness: $format->dimension($edge->thickness_mm),
            microWidth: $format->dimension($edge->micro_width_mm),
            honedOn: $edge->honed_on,
            form: $edge->form->value,
            duty: $edge->duty->label(),
            backBevelDeg: $edge->back_bevel_deg,
            wheelMm: $edge->wheel_mm,
            radiusMm: $edge->radius_mm,
        );
    }

    /**
     * @param  list<DiaryEntry>  $diary
     */
    public static function page(
        Edge $edge,
        ?BenchSession $running,
        array $diary,
        LengthFormatter $format,
    ): EdgePageAnswer {
        return new EdgePageAnswer(
            edge: self::of($edge, $format),
            conditions: array_map(
                static fn (EdgeNeed $condition): ConditionAnswer => new ConditionAnswer(
                    value: $condition->value,
                    label: $condition->label(),
                    sign: $condition->sign(),
                ),
                EdgeNeed::forBlade($edge->toCore()),
            ),
            thicknessTyped: $format->typed($edge->thickness_mm),
            nickTyped: $edge->typed($format)['nickDepth'] ?? '',
            running: $running?->id,
            diary: DiaryResource::entries($diary),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\DiaryEntry;
use App\Models\Edge;
use App\Models\HoningSession;
use App\Models\Stone;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\EdgeSheet;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\SharpeningWords;
use JackRest\Core\Measure\LengthFormatter;

/** Edges: on the list, on their own page, and with a plan. */
final class EdgeResource
{
    private const OFFERED = [EdgeCondition::TouchUp, EdgeCondition::Dull, EdgeCondition::Nicked, EdgeCondition::FreshGrind];

    /** @return array<string, mixed> */
    public static function of(Edge $edge, LengthFormatter $format): array
    {
        $condition = EdgeCondition::tryFrom($edge->condition);

        return [
            'id' => $edge->id,
            'version' => $edge->version,
            'name' => $edge->name,
            'tool' => $edge->tool->name,
            'condition' => $edge->condition,
            'says' => $condition?->label() ?? 'Sharp',
            'widthMm' => $edge->width_mm,
            'thicknessMm' => $edge->thickness_mm,
            'primaryDeg' => $edge->primary_deg,
            'secondaryDeg' => $edge->secondary_deg,
            'microWidthMm' => $edge->micro_width_mm,
            'finishUm' => $edge->finish_um,
            'thickness' => $format->dimension($edge->thickness_mm),
            'microWidth' => $format->dimension($edge->micro_width_mm),
            'honedOn' => $edge->honed_on,
        ];
    }

    /** @return array<string, mixed> */
    public static function stone(Stone $stone): array
    {
        $core = $stone->toCore();

        return ['id' => $core->id, 'name' => $stone->name, 'label' => $stone->scale->label($stone->designation), 'particleUm' => $core->particleUm()];
    }

    /**
     * @param  list<DiaryEntry>  $diary
     * @return array<string, mixed>
     */
    public static function page(Edge $edge, ?HoningSession $running, array $diary, LengthFormatter $format): array
    {
        return [
            'edge' => self::of($edge, $format),
            'conditions' => array_map(static fn (EdgeCondition $condition): array => [
                'value' => $condition->value, 'label' => $condition->label(), 'sign' => $condition->sign(),
            ], self::OFFERED),
            'thicknessTyped' => $format->typed($edge->thickness_mm),
            'running' => $running?->id,
            'diary' => array_map(DiaryResource::entry(...), $diary),
        ];
    }

    /** @return array<string, mixed> */
    public static function plan(EdgeSheet $sheet, float $onRecordDeg, LengthFormatter $format): array
    {
        $blade = $sheet->blade;
        $plan = $sheet->plan;
        $words = $plan === null || $sheet->condition === null ? null : new SharpeningWords($plan, $sheet->condition, $format);

        return [
            'readings' => array_map(Shared::reading(...), $sheet->readings),
            'angle' => $sheet->angle === null ? null : [
                'deg' => $sheet->angle->angleDeg,
                'text' => LengthFormatter::fixed($sheet->angle->angleDeg, 1).'°',
                'give' => '± '.LengthFormatter::fixed($sheet->angle->uncertaintyDeg, 1).'°',
            ],
            'angleSays' => $sheet->angleSentence($onRecordDeg),
            'drawn' => [
                'thicknessMm' => $blade->thicknessMm,
                'primaryDeg' => $blade->primaryDeg,
                'secondaryDeg' => $blade->secondaryDeg,
                'microWidthMm' => $blade->microWidthMm,
                'recessionMm' => $plan->state->recessionMm ?? 0.0,
                'contactLengthMm' => $plan->state->contactLengthMm ?? $blade->microWidthMm,
                'thickness' => $format->dimension($blade->thicknessMm),
                'contactLength' => $format->small($plan->state->contactLengthMm ?? $blade->microWidthMm),
                'recession' => $format->small($plan->state->recessionMm ?? 0.0),
            ],
            'steps' => array_map(self::step(...), $plan->steps ?? []),
            'minutes' => $words?->minutes(),
            'skipped' => $plan->skipped ?? [],
            'warning' => $plan?->warning,
            'caution' => SharpeningPlan::CAUTION,
            'next' => [
                'says' => $words?->nextStroke() ?? $sheet->missing ?? 'Nothing to do: it is sharp.',
                'why' => $words?->why() ?? ($sheet->missing === null ? 'If it is not, say what you see.' : 'Look along the edge at a light; measure the deepest notch.'),
            ],
            'how' => Shared::how($sheet->explained()),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(SharpeningStep $step): array
    {
        return [
            'stone' => $step->stone->name,
            'label' => $step->stone->scale->label($step->stone->designation),
            'particleUm' => $step->stone->particleUm(),
            'removeUm' => $step->removeUm,
            'strokes' => $step->strokes,
            'seconds' => $step->seconds,
            'minutes' => SharpeningWords::inMinutes($step->seconds),
            'see' => $step->see,
        ];
    }
}

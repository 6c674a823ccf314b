<?php

declare(strict_types=1);

namespace App\Edge;

use App\Edge\Answer\DrawnEdgeAnswer;
use App\Edge\Answer\EarlierAnswer;
use App\Edge\Answer\EdgePlanAnswer;
use App\Edge\Answer\MeasuredAngleAnswer;
use App\Edge\Answer\PlanOfSchoolAnswer;
use App\Edge\Answer\PlanStepAnswer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Edge\ComparedSchool;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\Edge\StopEarly;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Edge\SharpeningForm;
use JackRest\Desk\Edge\SharpeningWords;
use JackRest\Desk\Edge\StepWords;

/** The plan for an edge, as far as the edge has been described. */
final class EdgePlanResource
{
    /**
     * @param  list<HoningStone>  $rack
     * @param  bool  $looked  whether anybody has said how the edge is
     */
    public static function of(
        SharpeningForm $form,
        float $onRecordDeg,
        array $rack,
        bool $looked,
        LengthFormatter $format,
    ): EdgePlanAnswer {
        $plan = $form->plan;
        $words = $plan === null || $form->need === null ? null : new SharpeningWords($plan, $form->need, $format);

        return new EdgePlanAnswer(
            readings: $form->form->readings,
            angle: $form->angle === null
                ? null
                : new MeasuredAngleAnswer(
                    deg: $form->angle->angleDeg,
                    text: LengthFormatter::fixed($form->angle->angleDeg, 1).'°',
                    give: '± '.LengthFormatter::fixed($form->angle->uncertaintyDeg, 1).'°',
                ),
            angleSays: $form->angleSentence($onRecordDeg),
            drawn: self::drawn($form, $format),
            steps: array_map(self::step(...), $plan->steps ?? []),
            minutes: $words?->minutes(),
            skipped: $words?->left() ?? [],
            earlier: array_map(
                static fn (StopEarly $stop): EarlierAnswer => new EarlierAnswer(
                    stopUm: (string) $stop->finishUm,
                    says: SharpeningWords::stop($stop),
                ),
                $plan?->earlier() ?? [],
            ),
            schools: $form->task === null
                ? []
                : array_map(self::school(...), ComparedSchool::all($form->task, $rack)),
            rackIsEmpty: $rack === [],
            warning: $words?->warning(),
            caution: SharpeningWords::CAUTION,
            grindingCaution: ($plan->steps[0]->kind ?? null) === StepKind::Grind
                ? SharpeningWords::GRINDING_CAUTION
                : null,
            next: new NextAnswer(
                says: $words?->nextStroke() ?? $form->missing ??
                    ($looked ? 'Nothing to do: it is sharp.' : 'Look at it, and choose what you see.'),
                why: $words?->why() ??
                    ($looked && $form->missing === null
                        ? 'If it is not, say what you see.'
                        : 'Then the plan stands here.'),
            ),
            how: $form->explained(),
        );
    }

    private static function drawn(SharpeningForm $form, LengthFormatter $format): DrawnEdgeAnswer
    {
        $blade = $form->task->blade ?? $form->blade;
        $contact = $form->plan?->microWidthAfterMm($blade) ?? $blade->microWidthMm;
        $recession = $form->plan->recessionMm ?? 0.0;

        return new DrawnEdgeAnswer(
            thicknessMm: $blade->thicknessMm,
            primaryDeg: $blade->primaryDeg,
            secondaryDeg: $blade->secondaryDeg,
            // Shaped anew, it has no secondary bevel until it is honed.
            microWidthMm: isset($form->task->shaping) ? 0.0 : $blade->microWidthMm,
            recessionMm: $recession,
            contactLengthMm: $contact,
            backBevelDeg: $blade->backBevelDeg,
            wheelMm: $blade->wheelMm,
            honedMm: $blade->honedMm,
            thickness: $format->dimension($blade->thicknessMm),
            contactLength: $format->small($contact),
            recession: $format->small($recession),
        );
    }

    private static function step(SharpeningStep $step): PlanStepAnswer
    {
        return new PlanStepAnswer(
            stone: $step->stone->name,
            label: $step->stone->scale->label($step->stone->designation),
            kind: $step->kind,
            particleUm: $step->stone->particleUm(),
            removeUm: $step->removeUm,
            strokes: $step->strokes,
            seconds: $step->seconds,
            minutes: SharpeningWords::inMinutes($step->seconds),
            see: StepWords::see($step),
        );
    }

    private static function school(ComparedSchool $compared): PlanOfSchoolAnswer
    {
        return new PlanOfSchoolAnswer(
            name: $compared->school->name,
            says: SharpeningWords::school($compared),
            seconds: $compared->plan?->totalSeconds,
            minutes: $compared->plan === null ? null : self::time($compared->plan->totalSeconds),
        );
    }

    private static function time(float $seconds): string
    {
        return $seconds < 100 ? round($seconds).' s' : round($seconds / 60).' min';
    }
}

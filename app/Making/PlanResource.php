<?php

declare(strict_types=1);

namespace App\Making;

use App\Bench\Bench;
use App\Http\Answer\FieldAnswer;
use App\Http\Answer\NextAnswer;
use App\Making\Answer\ListedMakingAnswer;
use App\Making\Answer\ListedPlanAnswer;
use App\Making\Answer\MakingStepAnswer;
use App\Making\Answer\PlanPartAnswer;
use App\Making\Answer\PlanPreviewAnswer;
use App\Making\Answer\PlansAnswer;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Making\Cautions;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Making\Part;
use JackRest\Desk\Making\PlanField;
use JackRest\Desk\Making\PlanForm;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\Making\PlanPrint;
use JackRest\Desk\Print\Tile;

/** Plans: the list of them, and one with its sizes chosen. */
final class PlanResource
{
    public static function all(Bench $bench, LengthFormatter $format): PlansAnswer
    {
        $now = Carbon::now()->toIso8601ZuluString();

        return new PlansAnswer(
            plans: array_map(static function (PlanKind $plan) use ($format): ListedPlanAnswer {
                $form = PlanForm::of($plan, [], $format);

                return new ListedPlanAnswer(
                    value: $plan->value,
                    label: $plan->label(),
                    says: $plan->says(),
                    minutes: $form->minutes($format),
                    days: $form->days($format),
                    face: ViewResource::of($form->making->views($format)[0]),
                );
            }, PlanKind::cases()),
            makings: array_values(
                Making::of($bench)
                    ->latest('id')
                    ->get()
                    ->map(
                        static fn (Making $making): ListedMakingAnswer => new ListedMakingAnswer(
                            id: $making->id,
                            name: $making->name,
                            says: MakingResource::standing($making, $now),
                            isWaiting: $making->isWaiting($now),
                            isMade: $making->state === 'made',
                        ),
                    )
                    ->all(),
            ),
        );
    }

    /** What follows from the sizes alone: it is asked at every key. */
    public static function preview(PlanForm $form, LengthFormatter $format): PlanPreviewAnswer
    {
        $views = $form->making->views($format);

        return new PlanPreviewAnswer(
            plan: $form->kind->value,
            label: $form->kind->label(),
            says: $form->kind->says(),
            fields: array_map(
                static fn (PlanField $size): FieldAnswer => self::field(
                    $size->field,
                    $form->usual[$size->field->name],
                    $format,
                ),
                $form->kind->fields(),
            ),
            figures: $form->form->readings,
            views: array_map(ViewResource::of(...), $views),
            parts: array_map(
                static fn (Part $part): PlanPartAnswer => self::part($part, $format),
                $form->making->parts(),
            ),
            steps: array_map(self::step(...), $form->making->steps($format)),
            minutes: $form->minutes($format),
            days: $form->days($format),
            lines: $form->making->lines($format),
            caution: Cautions::TEXT,
            how: $form->making->how($format),
            wrong: $form->isSound() ? null : new NextAnswer(
                says: 'Correct the size marked ✗.',
                why: 'The drawing shows it in its usual proportion meanwhile.',
            ),
            sheets: array_map(static fn (Tile $tile): string => $tile->name, (new PlanPrint('', $views))->tiles()),
        );
    }

    private static function field(FormField $field, float $usual, LengthFormatter $format): FieldAnswer
    {
        $bare = $field->quantity->isLength()
            ? (string) preg_replace('/ (mm|in)$/', '', $format->dimension($usual))
            : LengthFormatter::decimal($usual, 2);

        return FieldAnswer::of($field, $format, $bare);
    }

    public static function step(MakingStep $step): MakingStepAnswer
    {
        return new MakingStepAnswer(
            title: $step->title,
            says: $step->says,
            check: $step->check,
            minutes: (int) round($step->minutes),
            tools: $step->tools,
            wait: self::wait($step->waitDays, $step->waitsFor),
        );
    }

    private static function wait(float $days, string $for): ?string
    {
        return match (true) {
            $days <= 0.0 => null,
            $days <= 1.0 => "then a day: $for",
            default => 'then '.(int) ceil($days)." days: $for",
        };
    }

    private static function part(Part $part, LengthFormatter $format): PlanPartAnswer
    {
        $by = static fn (float ...$mm): string => implode(' × ', array_map($format->dimension(...), $mm));
        $wanted = $part->wanted;

        return new PlanPartAnswer(
            key: $part->key,
            name: $part->name,
            count: $part->count,
            wood: $part->wood,
            size: $by($wanted->lengthMm, $wanted->widthMm, $wanted->thicknessMm),
            rough: $by($wanted->roughLengthMm(), $wanted->roughWidthMm(), $wanted->roughThicknessMm()),
        );
    }
}

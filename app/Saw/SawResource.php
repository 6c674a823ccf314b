<?php

declare(strict_types=1);

namespace App\Saw;

use App\Bench\Bench;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use App\Saw\Answer\DrawnTeethAnswer;
use App\Saw\Answer\FilingAnswer;
use App\Saw\Answer\FilingStepAnswer;
use App\Saw\Answer\ListedSawAnswer;
use App\Saw\Answer\SawLineAnswer;
use App\Saw\Answer\SawPageAnswer;
use App\Saw\Answer\SawPreviewAnswer;
use App\Saw\Answer\SawSuggestionAnswer;
use App\Saw\Answer\SawUseAnswer;
use App\School\KitSettings;
use App\Session\Sessions;
use App\Tool\Tool;
use JackRest\Core\Calculation\Rounding;
use JackRest\Core\Filing\SawState;
use JackRest\Core\Filing\SawUse;
use JackRest\Core\Fit\BladeInKerf;
use JackRest\Core\Fit\KerfBlade;
use JackRest\Core\Fit\KerfFit;
use JackRest\Core\Fit\KerfFitInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\FilingStep;
use JackRest\Desk\Filing\SawForm;
use JackRest\Desk\Filing\SawTemplateForm;

/** Saws: on the list, on their page, and while they are read. */
final class SawResource
{
    public static function listed(Tool $saw, LengthFormatter $format): ListedSawAnswer
    {
        $teeth = SawsOfBench::form($saw, $format)->teeth;

        return new ListedSawAnswer(
            id: $saw->id,
            name: $saw->name,
            says: $teeth === null
                ? ''
                : LengthFormatter::decimal($teeth->teethPerInch, 1).
                    ' teeth per inch, '.
                    SawsOfBench::use($saw)->label(),
        );
    }

    public static function page(Bench $bench, Tool $saw, LengthFormatter $format): SawPageAnswer
    {
        $pitch = KitSettings::now($bench)->school()->sizes($saw->kind)['tpi'] ?? null;

        return new SawPageAnswer(
            school: $pitch === null ? null : LengthFormatter::decimal($pitch, 0),
            id: $saw->id,
            version: $saw->version,
            name: $saw->name,
            figures: SawsOfBench::typed($saw, $format),
            use: SawsOfBench::use($saw)->value,
            hardened: SawsOfBench::isHardened($saw),
            uses: array_map(
                static fn (SawUse $use): SawUseAnswer => new SawUseAnswer(
                    value: $use->value,
                    label: $use->label(),
                    why: $use->why(),
                    rakeDeg: $use->rakeDeg(),
                    fleamDeg: $use->fleamDeg(),
                ),
                SawUse::cases(),
            ),
            states: WordAnswer::each(SawState::cases()),
            running: Sessions::running($bench, $saw)?->id,
            filings: array_values(
                Filing::of($bench)
                    ->where('tool_id', $saw->id)
                    ->latest('filed_on')
                    ->get()
                    ->map(static fn (Filing $filing): FilingAnswer => self::filing($filing, $format))
                    ->all(),
            ),
            caution: SawForm::CAUTION,
        );
    }

    /**
     * @param  list<KerfBlade>  $blades  that may have to pass its kerf
     */
    public static function preview(
        SawForm $form,
        SawTemplateForm $template,
        array $blades,
        LengthFormatter $format,
    ): SawPreviewAnswer {
        return new SawPreviewAnswer(
            figures: [
                ...array_intersect_key($template->form->readings, [
                    'toe' => true,
                    'toeLength' => true,
                    'toeRake' => true,
                ]),
                ...$form->readings->form->readings,
            ],
            template: $template->says($format),
            drawn: self::drawn($form, $format),
            lines: [...self::lines($form, $format), ...self::kerf($form, $blades, $format)],
            effects: $form->effects(),
            suggestion: self::suggestion($form, $format),
            steps: array_map(self::step(...), $form->plan->steps ?? []),
            worth: $form->worth(),
            next: NextAnswer::of($form->next()),
            sound: $form->isSound(),
            canFile: $form->canFile(),
            how: $form->how(),
        );
    }

    private static function drawn(SawForm $form, LengthFormatter $format): ?DrawnTeethAnswer
    {
        $teeth = $form->teeth;

        return $teeth === null
            ? null
            : new DrawnTeethAnswer(
                pitchMm: $teeth->pitchMm,
                heightMm: $teeth->heightMm,
                rakeDeg: $teeth->tipDeg - $teeth->backDeg,
                backDeg: $teeth->backDeg,
                fleamDeg: $form->readings->value('fleam') ?? 0.0,
                plateMm: $form->readings->value('plate'),
                setMm: $form->readings->value('set') ?? 0.0,
                pitch: $format->small($teeth->pitchMm),
                height: $format->small($teeth->heightMm),
                kerf: $teeth->kerfMm === null ? null : $format->small($teeth->kerfMm),
            );
    }

    /** @return list<SawLineAnswer> */
    private static function lines(SawForm $form, LengthFormatter $format): array
    {
        [$teeth, $file] = [$form->teeth, $form->file];
        if ($teeth === null || $file === null) {
            return [];
        }
        $differs =
            $file->differenceMm === null
                ? ''
                : ' Its face is '.
                    $format->small(abs($file->differenceMm)).
                    ($file->differenceMm < 0 ? ' narrower than that.' : ' wider than that.');

        return [
            new SawLineAnswer(
                label: 'Teeth',
                text: ($form->count === null ? '' : "{$form->count}, ").
                    LengthFormatter::decimal($teeth->teethPerInch, 1).
                    ' to the inch, '.
                    LengthFormatter::decimal($teeth->pointsPerInch, 1).
                    ' points',
            ),
            new SawLineAnswer(
                label: 'File, by geometry',
                text: ($file->byGeometry === null ? 'none is large enough' : $file->byGeometry->id).
                    '; its face must be '.
                    $format->small($file->neededFaceMm).
                    ' wide, so that each half does one flank',
            ),
            new SawLineAnswer(
                label: 'File, by table',
                text: $file->byTable === null ? 'tables do not go so far' : "{$file->byTable->id}.$differs",
            ),
        ];
    }

    /**
     * @param  list<KerfBlade>  $blades
     * @return list<SawLineAnswer>
     */
    private static function kerf(SawForm $form, array $blades, LengthFormatter $format): array
    {
        $plate = $form->readings->value('plate');
        if ($plate === null) {
            return [];
        }
        $fit = (new KerfFit())(new KerfFitInput($plate, $form->readings->value('set') ?? 0.0, $blades));

        return array_map(
            static fn (BladeInKerf $blade): SawLineAnswer => new SawLineAnswer(
                label: 'In its cut',
                text: "{$blade->id}: ".
                    ($blade->passes
                        ? 'its blade drops in, '.$format->small($blade->clearanceMm).' to spare'
                        : 'its blade is '.$format->small(-$blade->clearanceMm).' too thick'),
            ),
            $fit->blades,
        );
    }

    private static function suggestion(SawForm $form, LengthFormatter $format): ?SawSuggestionAnswer
    {
        if ($form->teeth === null) {
            return null;
        }
        $set = $form->wantedSetMm();
        [$rake, $fleam] = [$form->use->rakeDeg(), $form->use->fleamDeg()];

        return new SawSuggestionAnswer(
            says: $form->use->why().
                ' Rake '.
                LengthFormatter::decimal($rake, 0).
                '°, fleam '.
                LengthFormatter::decimal($fleam, 0).
                '°'.
                ($set === null ? '' : ', set '.$format->small($set).' a side').
                '.',
            rake: LengthFormatter::decimal($rake, 0),
            fleam: LengthFormatter::decimal($fleam, 0),
            set: $set === null ? null : $format->typed($set),
            isMet: abs(($form->readings->value('rake') ?? 0.0) - $rake) < 0.5 &&
                abs(($form->readings->value('fleam') ?? 0.0) - $fleam) < 0.5,
        );
    }

    public static function step(FilingStep $step): FilingStepAnswer
    {
        return new FilingStepAnswer(
            tool: $step->tool,
            says: $step->says,
            count: "{$step->count} {$step->of}",
            minutes: max(1, Rounding::nearest($step->seconds / 60)).' min',
            see: $step->see,
        );
    }

    private static function filing(Filing $filing, LengthFormatter $format): FilingAnswer
    {
        $lowered = $filing->lowered_mm > 0 ? ', jointed by '.$format->small($filing->lowered_mm) : '';

        return new FilingAnswer(
            id: $filing->id,
            filedOn: $filing->filed_on,
            says: "{$filing->teeth} gullets$lowered".
                ($filing->minutes === null ? '' : ', '.LengthFormatter::decimal($filing->minutes, 0).' min'),
        );
    }
}

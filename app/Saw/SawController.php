<?php

declare(strict_types=1);

namespace App\Saw;

use App\Bench\Bench;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Print\PrintedSheet;
use App\Saw\Answer\ListedSawAnswer;
use App\Saw\Answer\SawPageAnswer;
use App\Saw\Answer\SawPreviewAnswer;
use App\Saw\Answer\SawsAnswer;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use App\Tool\Tool;
use Illuminate\Http\Response;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\SawTemplatePrint;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Saws, their teeth, and the filing of them. */
final class SawController
{
    public function index(Bench $bench, LengthFormatter $format): SawsAnswer
    {
        return new SawsAnswer(
            saws: array_values(
                SawsOfBench::of($bench)
                    ->map(static fn (Tool $saw): ListedSawAnswer => SawResource::listed($saw, $format))
                    ->all(),
            ),
        );
    }

    public function show(Bench $bench, Tool $saw, LengthFormatter $format): SawPageAnswer
    {
        return SawResource::page($bench, $saw, $format);
    }

    public function update(
        VersionedSawFormRequest $request,
        Ledger $ledger,
        Tool $saw,
        LengthFormatter $format,
    ): SawPageAnswer {
        $sizes = $request->sizes($saw, $request->form($saw, $format));
        $ledger->record('saw-read', $saw, "Read the teeth of the {$saw->name}.", static function (
            Changes $changes,
        ) use ($saw, $sizes, $request): void {
            $changes->update($saw, ['size' => $sizes], $request->version());
        });

        return $this->show($ledger->bench, $saw, $format);
    }

    /** A saw's teeth, its file and its plan; writes nothing. */
    public function preview(SawFormRequest $request, Bench $bench, Tool $saw, LengthFormatter $format): SawPreviewAnswer
    {
        return SawResource::preview(
            $request->form($saw, $format),
            $request->template($format),
            SawsOfBench::blades($bench),
            $format,
        );
    }

    /**
     * Keeps what was read of a saw and takes its plan to the bench, tooth by tooth.
     *
     * @return Created<SessionAnswer>
     */
    public function file(VersionedSawFormRequest $request, Ledger $ledger, Tool $saw, LengthFormatter $format): Created
    {
        $form = $request->form($saw, $format);
        $sizes = $request->sizes($saw, $form);
        if (! $form->canFile()) {
            throw InvalidInput::because('figures.length', $form->next()->says);
        }
        $steps = array_map(SessionStep::ofFiling(...), $form->plan->steps ?? []);
        $context = [
            'state' => $form->state->value,
            'loweredMm' => $form->plan?->loweredMm,
            'setMm' => $form->wantedSetMm(),
        ];
        $session = null;
        $ledger->record('saw-read', $saw, "Began to file the {$saw->name}.", static function (
            Changes $changes,
        ) use ($saw, $steps, $context, $sizes, $request, &$session): void {
            $changes->update($saw, ['size' => $sizes], $request->version());
            $session = Sessions::begin($changes, SessionKind::Filing, $saw, $saw->name, $steps, $context);
        });
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }

    /** Where new teeth are filed, at true size: all sheets as PDF; one sheet, or the whole strip, as SVG. */
    public function template(
        SawTemplateRequest $request,
        Tool $saw,
        string $what,
        string $kind,
        LengthFormatter $format,
    ): Response {
        $form = $request->template($format);
        [$template, $relaxed] = [$form->template, $form->relaxed()];
        assert($template !== null);
        if ($what === 'whole') {
            return PrintedSheet::answer(
                SawTemplatePrint::whole($saw->name, $template, $relaxed, $format),
                $kind,
                'saw-template',
            );
        }
        $tiles = SawTemplatePrint::tiles($saw->name, $template, $relaxed, $format);
        if ($what === 'sheets' && $kind === 'pdf') {
            return PrintedSheet::pdf(
                "Teeth for the {$saw->name}",
                array_map(static fn (Tile $tile) => $tile->sheet, $tiles),
                'saw-template',
            );
        }

        return PrintedSheet::tile($tiles, $what, $kind, 'saw-template');
    }
}

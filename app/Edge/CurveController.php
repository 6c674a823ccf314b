<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Edge\Answer\CurvePageAnswer;
use App\Edge\Answer\CurvePreviewAnswer;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Print\PrintedSheet;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Edge\CurveForm;
use JackRest\Desk\Edge\CurvePrint;

/** The curve of a cambered iron. */
final class CurveController
{
    public function show(Bench $bench, Edge $edge, LengthFormatter $format): CurvePageAnswer
    {
        abort_unless($edge->form->mayBeCurved(), 404);

        return CurveResource::page($bench, $edge->load('tool'), $format);
    }

    /** The iron has its curve: it is on record from now on. */
    public function update(CurveRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): CurvePageAnswer
    {
        abort_unless($edge->form->mayBeCurved(), 404);
        $values = $request->values($ledger->bench, $edge, $format);
        $ledger->record(
            'edge-curved',
            $edge,
            "Gave the {$edge->name} a curve of {$format->dimension(round($values['radius_mm']))} radius.",
            static function (Changes $changes) use ($edge, $values, $request): void {
                $changes->update($edge, $values, $request->version());
            },
        );

        return $this->show($ledger->bench, $edge, $format);
    }

    /** How many strokes at each place make a curve; writes nothing. */
    public function preview(
        CurveRequest $request,
        Bench $bench,
        Edge $edge,
        LengthFormatter $format,
    ): CurvePreviewAnswer {
        abort_unless($edge->form->mayBeCurved(), 404);

        return CurveResource::preview($request->form($bench, $edge, $format));
    }

    /** The curve that is typed in the address, at true size. */
    public function template(Request $request, Edge $edge, string $kind, LengthFormatter $format): Response
    {
        $typed = [
            'relief' => $request->string('relief')->toString(),
            'radius' => $request->string('radius')->toString(),
        ];
        $form = CurveForm::of($edge->toCore(), $typed, null, $format);
        if ($form->curve === null) {
            throw InvalidInput::because('relief', $form->objection ?? 'Type how far the corners are to stay back.');
        }

        return PrintedSheet::answer(
            CurvePrint::sheet($edge->name, $edge->width_mm, $form->curve, $format),
            $kind,
            'curve',
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Edge;
use App\Print\PrintedSheet;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Edge\CurveForm;
use JackRest\Desk\Edge\CurvePrint;

/** The curve that is typed in the address, at true size. */
final class PrintCurve
{
    public function __invoke(Request $request, Edge $edge, string $kind, LengthFormatter $format): Response
    {
        $typed = ['relief' => $request->string('relief')->toString(), 'radius' => $request->string('radius')->toString()];
        $sheet = CurveForm::of($edge->toCore(), $typed, null, $format);
        if ($sheet->curve === null) {
            throw InvalidInput::because('relief', $sheet->objection ?? 'Type how much the corners shall stay back.');
        }

        return PrintedSheet::answer(CurvePrint::sheet($edge->name, $edge->width_mm, $sheet->curve, $format), $kind, 'curve');
    }
}

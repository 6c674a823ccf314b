<?php

declare(strict_types=1);

namespace App\Auger;

use App\Auger\Answer\AugerBitPreviewAnswer;
use App\Auger\Answer\AugerPageAnswer;
use App\Auger\Answer\AugersAnswer;
use App\Bench\Bench;
use App\Http\Answer\NamedAnswer;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use App\Tool\Tool;
use JackRest\Core\Filing\AugerSet;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\AugerBitForm;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Sets of auger bits and the filing of each bit. */
final class AugerController
{
    public function index(Bench $bench): AugersAnswer
    {
        return new AugersAnswer(
            sets: array_values(
                AugersOfBench::of($bench)
                    ->map(static fn (Tool $set): NamedAnswer => new NamedAnswer(id: $set->id, name: $set->name))
                    ->all(),
            ),
        );
    }

    public function show(Bench $bench, Tool $auger, LengthFormatter $format): AugerPageAnswer
    {
        return AugerResource::page($bench, $auger, $format);
    }

    /** Writes down what a bit measured; the first time it begins a record of its own. */
    public function update(
        AugerBitRequest $request,
        Ledger $ledger,
        Tool $auger,
        LengthFormatter $format,
    ): AugerPageAnswer {
        $values = $request->values($format);
        $size = $format->dimension($request->sixteenths() * AugerSet::STEP_MM);
        $bit = AugersOfBench::bits($ledger->bench, $auger)->firstWhere('sixteenths', $request->sixteenths());
        abort_if($bit === null && $request->version() > 0, 409, 'This bit was changed in another window.');
        $ledger->record(
            'auger-checked',
            $auger,
            "Checked the $size bit: {$request->form($format)->next()->says}",
            static function (Changes $changes) use ($bit, $auger, $values, $request): void {
                $bit === null
                    ? $changes->create(AugerBit::of($changes->bench), ['tool_id' => $auger->id, ...$values])
                    : $changes->update(
                        $bit,
                        [
                            ...$values,
                            ...$values['spurs_mm'] === $bit->spurs_mm ? [] : ['spurs_before_mm' => $bit->spurs_mm],
                        ],
                        $request->version(),
                    );
            },
        );

        return $this->show($ledger->bench, $auger, $format);
    }

    /** What becomes of a bit by its readings; writes nothing. */
    public function preview(AugerBitRequest $request, Tool $auger, LengthFormatter $format): AugerBitPreviewAnswer
    {
        return AugerResource::preview($request->form($format));
    }

    /**
     * Takes one bit of a set to the bench.
     *
     * @return Created<SessionAnswer>
     */
    public function file(AugerBitRequest $request, Ledger $ledger, Tool $auger, LengthFormatter $format): Created
    {
        $name = $format->dimension($request->sixteenths() * AugerSet::STEP_MM).' bit';
        $session = null;
        $ledger->save(static function (Changes $changes) use ($auger, $name, &$session): void {
            $steps = array_map(SessionStep::ofFiling(...), AugerBitForm::steps());
            $session = Sessions::begin($changes, SessionKind::BitFiling, $auger, $name, $steps, [
                'state' => AugersOfBench::FILED,
            ]);
        });
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }
}

<?php

declare(strict_types=1);

namespace App\Stall;

use App\Bench\Bench;
use App\Http\Answer\ToolOutlineAnswer;
use App\Http\Created;
use App\Http\Money;
use App\Http\OutlineResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Photo\Album;
use App\Stall\Answer\ListedLookAnswer;
use App\Stall\Answer\LookAnswer;
use App\Stall\Answer\LookKindAnswer;
use App\Stall\Answer\LooksAnswer;
use App\Stall\Answer\StallCheckAnswer;
use App\Stall\Answer\StallKindAnswer;
use App\Tool\Price;
use Illuminate\Http\Request;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Checks;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;

/** A second-hand tool looked over, check by check. */
final class LookOverController
{
    private const MOST_PHOTOS = 12;

    /** Second-hand tools looked over, the unfinished first, and the kinds that can be. */
    public function index(Bench $bench, LengthFormatter $format): LooksAnswer
    {
        $looks = LookOver::of($bench)
            ->latest('id')
            ->get()
            ->sortBy(static fn (LookOver $look): bool => $look->state !== LookOver::OPEN);
        $kinds = array_map(ToolKinds::named(...), LookOverRequest::kinds());
        usort($kinds, static fn (ToolKind $a, ToolKind $b): int => $a->name <=> $b->name);

        return new LooksAnswer(
            looks: array_map(
                static fn (LookOver $look): ListedLookAnswer => LookOverResource::listed($look, $format),
                array_values($looks->all()),
            ),
            kinds: array_map(
                static fn (ToolKind $kind): LookKindAnswer => new LookKindAnswer(
                    value: $kind->id,
                    label: $kind->name,
                    form: $kind->form,
                ),
                $kinds,
            ),
            outlines: array_map(
                static fn (ToolKind $kind): ToolOutlineAnswer => OutlineResource::of(
                    Outlines::of($kind->form, $kind->usualSizes()),
                ),
                array_column($kinds, null, 'form'),
            ),
        );
    }

    /** What one kind is looked over by, before there is a tool in the hand. */
    public function kind(string $kind): StallKindAnswer
    {
        abort_unless(in_array($kind, LookOverRequest::kinds(), true), 404);
        $tool = ToolKinds::named($kind);

        return new StallKindAnswer(
            kind: $tool->id,
            name: $tool->name,
            good: Money::plain($tool->price),
            checks: array_map(
                static fn (Check $check): StallCheckAnswer => new StallCheckAnswer(
                    id: $check->id,
                    asks: $check->asks,
                    see: $check->see,
                    sign: $check->sign,
                    walkAway: $check->walkAway,
                ),
                Checks::of($tool),
            ),
        );
    }

    /**
     * Begins to look a tool over; the record is there from the first moment.
     *
     * @return Created<LookAnswer>
     */
    public function store(NewLookOverRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $kind = $request->kind();
        $columns = [...LookOver::begun($kind, $ledger->bench), 'unit' => $format->unit];
        $look = null;
        $ledger->save(static function (Changes $changes) use ($columns, &$look): void {
            $look = $changes->create(LookOver::of($changes->bench), $columns);
        });
        assert($look instanceof LookOver);

        return new Created($this->show($look, $format));
    }

    /**
     * A photograph of the tool.
     *
     * @return Created<LookAnswer>
     */
    public function photograph(Request $request, Ledger $ledger, LookOver $look, LengthFormatter $format): Created
    {
        (new Album($look->photos(), self::MOST_PHOTOS))->add($request, $ledger);

        return new Created($this->show($look, $format));
    }

    public function show(LookOver $look, LengthFormatter $format): LookAnswer
    {
        return LookOverResource::page($look->load('photos'), $format);
    }

    /** Where a look-over stands: saved at every tap, so that it can be left half done. */
    public function update(
        LookOverRequest $request,
        Ledger $ledger,
        LookOver $look,
        LengthFormatter $format,
    ): LookAnswer {
        abort_if($look->state !== LookOver::OPEN, 409, 'This one is settled already.');
        $values = $request->values($format->unit);
        $ledger->save(static fn (Changes $changes) => $changes->update($look, $values, $request->version()));

        return LookOverResource::page($look->load('photos'), $format, $request->complaints());
    }

    /** The tool was bought: it enters the kit with its list of things to mend. */
    public function buy(SettleLookRequest $request, Ledger $ledger, LookOver $look, LengthFormatter $format): LookAnswer
    {
        abort_if($look->state !== LookOver::OPEN, 409, 'This one is settled already.');
        $price = Price::read('price', $request->string('price')->toString());
        $bought = new BoughtTool($look, $price, $format);
        $ledger->record(
            'tool-bought',
            $bought->name(),
            $bought->says(),
            static fn (Changes $changes) => $bought->write($changes, $request->version()),
        );

        return $this->show($look, $format);
    }

    /** The tool stayed at the stall. */
    public function leave(
        SettleLookRequest $request,
        Ledger $ledger,
        LookOver $look,
        LengthFormatter $format,
    ): LookAnswer {
        abort_if($look->state !== LookOver::OPEN, 409, 'This one is settled already.');
        $ledger->record(
            'tool-left',
            $look,
            "Left the {$look->name} at the stall.",
            static fn (Changes $changes) => $changes->update($look, ['state' => 'left'], $request->version()),
        );

        return $this->show($look, $format);
    }
}

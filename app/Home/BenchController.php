<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Bench\User;
use App\Home\Answer\BenchAnswer;
use App\Home\Answer\PulseAnswer;
use App\Home\Answer\ReadTypedAnswer;
use App\Home\Answer\StepAnswer;
use App\Ledger\DiaryEntry;
use App\People\Here;
use App\People\Rule;
use App\People\Shop;
use App\Print\PrintedSheet;
use App\Work\KitOfBench;
use Illuminate\Http\Response;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Kit\LadderWords;

/** The bench itself: what wants doing, preferences, and what every page asks for. */
final class BenchController
{
    private const LATEST = 4;

    public function show(Bench $bench, LengthFormatter $format): BenchAnswer
    {
        $kit = new KitOfBench($bench);
        $diary = DiaryEntry::of($bench)->with(DiaryEntry::STANDING)->latest('id');
        $diary->limit(self::LATEST);

        return BenchResource::of(
            $kit->nextWork(),
            (new ToDoOfBench($bench, $kit, $format))->readiness(),
            self::already($kit),
            (new RecurringOfBench($bench))->lines(),
            array_values($diary->get()->all()),
            $format,
        );
    }

    /** What can be made before any of it is done. */
    private static function already(KitOfBench $kit): ?string
    {
        $work = $kit->nextWork();
        $floor = $work === null || $kit->lacking($work) === [] ? null : $kit->floor($work);

        return $floor === null ? null : 'With what hangs here it would be '.LadderWords::floor($floor).'.';
    }

    /** Whether anything changed since: asked every few seconds by every open window. */
    public function pulse(Bench $bench, User $user, Here $here): PulseAnswer
    {
        return new PulseAnswer(
            revision: $bench->revision,
            unit: $user->unit,
            ground: $user->ground,
            bench: $bench->name,
            instrumentUrl: $user->instrument_url,
            person: Shop::isShared() ? $user->name : '',
            mayRecord: $here->role->may(Rule::Record),
        );
    }

    public function preferences(
        PreferencesRequest $request,
        User $user,
        Bench $bench,
        LengthFormatter $format,
        Here $here,
    ): PulseAnswer {
        $user->fill($request->preferences($format))->save();

        return $this->pulse($bench, $user, $here);
    }

    /** An arrow key in a field: one step of the instrument's resolution up or down. */
    public function step(StepRequest $request, LengthFormatter $format): StepAnswer
    {
        return new StepAnswer(typed: $request->stepped($format));
    }

    /** What one field is understood as, while it is typed. */
    public function read(ReadRequest $request, LengthFormatter $format): ReadTypedAnswer
    {
        return new ReadTypedAnswer($request->reading($format));
    }

    /** The week on one page, for the wall. */
    public function card(Bench $bench, string $kind, LengthFormatter $format): Response
    {
        return PrintedSheet::answer((new CardOfBench($bench, $format))->sheet(), $kind, 'bench-card');
    }
}

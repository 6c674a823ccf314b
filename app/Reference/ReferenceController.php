<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Bench\User;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Reference\Answer\ReferencePageAnswer;
use App\Reference\Answer\ReferencesAnswer;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;

/** References of every kind: listed, shown, put in, taken away; fallen; and which wood one is of. */
final class ReferenceController
{
    /** Those that want testing first. */
    public function index(Bench $bench, User $user, LengthFormatter $format): ReferencesAnswer
    {
        return ReferenceList::of(new SeasonOfBench($bench), $user, $format);
    }

    public function show(
        Reference $reference,
        Bench $bench,
        User $user,
        LengthFormatter $format,
    ): ReferencePageAnswer {
        return ReferencePage::of($reference, $bench, $user, $format);
    }

    /**
     * One put in where it is looked for; what hangs on a board hangs on it from now on.
     *
     * @return Created<ReferencePageAnswer>
     */
    public function store(AddReferenceRequest $request, Ledger $ledger, User $user, LengthFormatter $format): Created
    {
        $name = $request->name();
        $reference = null;
        $ledger->record('reference-added', $name, "Added the $name to the references.", static function (
            Changes $changes,
        ) use ($request, $name, &$reference): void {
            $reference =
                ReferencesOfTool::hungUp($changes, $request->kind(), $name) ??
                $changes->create(Reference::of($changes->bench), ['kind' => $request->kind(), 'name' => $name]);
        });
        assert($reference instanceof Reference);

        return new Created($this->show($reference, $ledger->bench, $user, $format));
    }

    public function destroy(VersionedRequest $request, Ledger $ledger, Reference $reference): DiaryEntryAnswer
    {
        $sentence = "Took the {$reference->name} off the references.";
        $entry = $ledger->record('reference-removed', $reference, $sentence, static function (
            Changes $changes,
        ) use ($reference, $request): void {
            $changes->delete($reference, $request->version());
        });

        return DiaryResource::entry($entry);
    }

    public function drop(
        VersionedRequest $request,
        Ledger $ledger,
        Reference $reference,
        User $user,
        LengthFormatter $format,
    ): ReferencePageAnswer {
        $ledger->record('reference-dropped', $reference, "The {$reference->name} fell.", static function (
            Changes $changes,
        ) use ($reference, $request): void {
            $changes->update($reference, ['dropped_on' => Carbon::now()->toIso8601ZuluString()], $request->version());
        });

        return $this->show($reference, $ledger->bench, $user, $format);
    }

    /** So that the season can be computed for it. */
    public function wood(
        ReferenceWoodRequest $request,
        Ledger $ledger,
        Reference $reference,
        LengthFormatter $format,
    ): DiaryEntryAnswer {
        $wood = $request->wood($format);
        $sentence = "The {$reference->name} is of {$wood->species->name}.";
        $entry = $ledger->record('reference-wood', $reference, $sentence, static function (Changes $changes) use (
            $reference,
            $wood,
            $request,
        ): void {
            $changes->update($reference, ['wood' => Reference::woodColumn($wood)], $request->version());
        });

        return DiaryResource::entry($entry);
    }
}

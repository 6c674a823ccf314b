<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Carry\BenchFileIn;
use App\Carry\BringBeside;
use App\Home\Answer\BenchesAnswer;
use App\Home\Answer\BroughtBenchAnswer;
use App\Http\Created;
use App\Http\InTerminal;
use App\People\Here;
use App\People\Role;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use JackRest\Core\Calculation\InvalidInput;
use JsonException;
use PDOException;
use RuntimeException;

/** A bench that another program carried away, brought to this one beside those that are here. */
final class BringController
{
    /** What the file would bring; writes nothing. */
    public function preview(Request $request): BroughtBenchAnswer
    {
        $file = self::file($request);

        return new BroughtBenchAnswer(name: BringBeside::nameFor($file->head->name), says: $file->head->says());
    }

    /**
     * A bench of its own, and there one is.
     *
     * @return Created<BenchesAnswer>
     */
    public function store(Request $request, Here $here): Created
    {
        $file = self::file($request);
        try {
            $bench = (new BringBeside($file))->bring($here->user);
        } catch (PDOException|JsonException) {
            throw InvalidInput::because('file', 'A line of that file is not as this version has it.');
        } catch (RuntimeException $why) {
            throw InvalidInput::because('file', $why->getMessage());
        }

        return new Created(BenchesOfHere::answer($here->at($bench)));
    }

    /** Takes it back, as long as nothing was written there since. */
    public function takeBack(Bench $place, Here $here): BenchesAnswer
    {
        abort_unless(BenchesOfHere::of($here)->contains($place), 404);
        abort_if($here->at($place)->role !== Role::Owner, 403, 'Only who owns a bench may take it back.');
        $others = BenchesOfHere::of($here)->where('id', '!=', $place->id);
        $instead = $others->firstWhere('id', $here->bench->id) ?? $others->first();
        try {
            BringBeside::takeBack($place, $instead ?? abort(409, 'It is the only bench there is.'));
        } catch (RuntimeException $why) {
            abort(409, $why->getMessage());
        }

        return BenchesOfHere::answer($here->at($instead));
    }

    /** @throws InvalidInput when it is no such file */
    private static function file(Request $request): BenchFileIn
    {
        $file = $request->file('file');
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            throw InvalidInput::because('file', 'Choose the file of a bench, of less than '.
                ini_get('upload_max_filesize').'B. In the terminal, '.InTerminal::command('bring').
                ' takes larger ones.');
        }
        try {
            return new BenchFileIn($file->getPathname(), $file->getClientOriginalName());
        } catch (RuntimeException|JsonException $why) {
            throw InvalidInput::because('file', $why->getMessage());
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Backup;

use App\Backup\Answer\BackupAnswer;
use App\Backup\Answer\BackupsAnswer;
use App\Http\Answer\NextAnswer;
use App\Http\Created;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use RuntimeException;

/** Backups of everything on this machine: made by themselves, made now, gone back to. */
final class BackupController
{
    public function index(): BackupsAnswer
    {
        $settings = BackupSettings::now();
        $all = Backups::ofApplication()->all();
        $last = $all[0] ?? null;

        return new BackupsAnswer(
            folder: $settings->folder,
            daily: $settings->daily,
            weekly: $settings->weekly,
            backups: array_map(static fn (Backup $one): BackupAnswer => new BackupAnswer(
                name: $one->name,
                says: Carbon::createFromTimestamp($one->at)->format('j F Y, H:i'),
                why: $one->kind->says().', '.max(1, (int) round($one->bytes / 1000)).' kB',
            ), $all),
            next: new NextAnswer(
                says: $last === null
                    ? 'Make the first backup.'
                    : 'The last backup is of '.Carbon::createFromTimestamp($last->at)->format('j F, H:i').'.',
                why: $settings->daily + $settings->weekly > 0
                    ? 'They are made by themselves while a window is open. A folder on another disk outlives this one.'
                    : 'None is made by itself: say below how many are kept.',
            ),
        );
    }

    /**
     * One more, now.
     *
     * @return Created<BackupsAnswer>
     */
    public function store(): Created
    {
        try {
            Backups::ofApplication()->make(BackupKind::Asked);
        } catch (RuntimeException $why) {
            throw InvalidInput::because('', $why->getMessage());
        }

        return new Created($this->index());
    }

    public function settings(BackupRequest $request): BackupsAnswer
    {
        $request->settings()->keep();

        return $this->index();
    }

    /** Everything as it was then; what is here now becomes a backup of its own. */
    public function goBack(string $backup): BackupsAnswer
    {
        $backups = Backups::ofApplication();
        $named = $backups->named($backup) ?? abort(404);
        try {
            $backups->goBack($named);
        } catch (RuntimeException $why) {
            throw InvalidInput::because('', $why->getMessage());
        }

        return $this->index();
    }
}

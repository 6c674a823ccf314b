<?php

declare(strict_types=1);

namespace App\Photo;

use App\Http\NoRoom;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Desk\Count;
use Throwable;

/** The photographs of one record: never more than a few, and none in the folder that no record has. */
final readonly class Album
{
    /** What PHP says when it cannot put down what was sent. */
    private const NO_ROOM = [UPLOAD_ERR_CANT_WRITE, UPLOAD_ERR_NO_TMP_DIR];

    /** @param  HasMany<Photo, covariant Model>  $photos */
    public function __construct(private HasMany $photos, private int $most)
    {
    }

    /**
     * A photograph, shrunk and without what the camera wrote into it.
     *
     * @param  array<string, mixed>  $columns  beside those of its file
     *
     * @throws InvalidInput when it is no picture, or there are as many as there may be
     */
    public function add(Request $request, Ledger $ledger, array $columns = []): void
    {
        $file = $request->file('photo');
        $error = $file instanceof UploadedFile ? $file->getError() : UPLOAD_ERR_OK;
        if ($file instanceof UploadedFile && in_array($error, self::NO_ROOM, true)) {
            throw NoRoom::for($file->getClientOriginalName());
        }
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            throw InvalidInput::because(
                'photo',
                'Choose a picture of less than '.ini_get('upload_max_filesize').'B.',
            );
        }
        $this->refuseMore();
        $kept = PhotoFile::keep($file->getPathname());
        try {
            $this->record($kept, $ledger, $columns);
        } catch (Throwable $why) {
            $kept->discard();

            throw $why;
        }
    }

    /** @param  array<string, mixed>  $columns */
    private function record(PhotoFile $kept, Ledger $ledger, array $columns): void
    {
        $ledger->save(function (Changes $changes) use ($kept, $columns): void {
            // Counted under the lock: others may have come meanwhile.
            $this->refuseMore();
            $changes->create($this->photos, [
                'file' => $kept->name,
                'width' => $kept->width,
                'height' => $kept->height,
                ...$columns,
            ]);
        });
    }

    /** @throws InvalidInput when there are as many as there may be */
    private function refuseMore(): void
    {
        if ($this->photos->count() >= $this->most) {
            throw InvalidInput::because('photo', ucfirst(Count::of($this->most, 'picture')).
                ' are enough. Remove one first.');
        }
    }
}

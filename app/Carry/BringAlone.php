<?php

declare(strict_types=1);

namespace App\Carry;

use App\Bench\Bench;
use App\Bench\User;
use App\People\Membership;
use App\People\Role;
use App\Photo\PhotoFile;
use Illuminate\Support\Facades\DB;
use JackRest\Core\Measure\LengthUnit;
use RuntimeException;

/** Makes a bench of a file again, under the numbers it had, in a database that has none yet. */
final readonly class BringAlone
{
    public function __construct(private BenchFileIn $file)
    {
    }

    /** @throws RuntimeException when something of it is not as its layout has it; nothing is brought then */
    public function bring(): Bench
    {
        DB::statement('PRAGMA foreign_keys = OFF');
        $bench = DB::transaction(function (): Bench {
            if (Bench::query()->exists()) {
                throw new RuntimeException('There is a bench here already.');
            }
            $bench = Bench::query()->forceCreate([
                'id' => $this->file->head->benchId, 'name' => $this->file->head->name, 'revision' => 1,
            ]);
            foreach ($this->file->tables() as $table) {
                Rows::write($table, $this->file->told($table));
            }
            $lost = DB::select('PRAGMA foreign_key_check');
            if ($lost !== []) {
                throw new RuntimeException('Records of that file refer to others that it does not have.');
            }
            $user = User::query()->forceCreate([
                'bench_id' => $bench->id, 'name' => 'you', 'unit' => LengthUnit::Millimetre, 'ground' => 'system',
            ]);
            Membership::give($user, $bench, Role::Owner);
            WorkedOut::anew($bench);

            return $bench;
        });
        DB::statement('PRAGMA foreign_keys = ON');
        $this->photos();

        return $bench;
    }

    private function photos(): void
    {
        @mkdir(PhotoFile::folder(), 0700, true);
        foreach (array_filter(DB::table('photos')->pluck('file')->all(), is_string(...)) as $name) {
            $picture = $this->file->photo($name);
            if ($picture !== null) {
                file_put_contents(PhotoFile::folder().'/'.basename($name), $picture);
            }
        }
    }
}

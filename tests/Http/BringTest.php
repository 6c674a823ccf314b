<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Bench\Bench;
use App\Bench\User;
use App\Carry\BenchFile;
use App\Carry\BenchFileOut;
use App\Ledger\DiaryEntry;
use App\Photo\Photo;
use App\Photo\PhotoFile;
use Demo\DemoBench;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use ZipArchive;

/** The file of a bench, brought beside the bench that it was carried from: the same again under other numbers. */
final class BringTest extends HttpTestCase
{
    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->path = sys_get_temp_dir().'/jackrest-bring-'.getmypid().'-'.bin2hex(random_bytes(4)).'.zip';
    }

    protected function tearDown(): void
    {
        @unlink($this->path);
        exec('rm -f '.escapeshellarg(PhotoFile::folder()).'/*.jpg');
        parent::tearDown();
    }

    /** @return TestResponse<Response> */
    private function give(string $address): TestResponse
    {
        $file = new UploadedFile($this->path, 'bench.zip', 'application/zip', null, true);

        return $this->call('POST', $address, [], [], ['file' => $file], ['HTTP_ACCEPT' => 'application/json']);
    }

    /** What names other records in every way there is: sessions, a day, a shadow board, jobs, tests, corrections. */
    private function fill(): void
    {
        $this->ask('POST', '/api/day/sessions', [])->assertCreated();
        $picture = imagecreatetruecolor(8, 6);
        @mkdir(PhotoFile::folder(), 0700, true);
        imagejpeg($picture, PhotoFile::folder().'/bring-test.jpg');
        DB::insert("INSERT INTO photos (bench_id, version, file, width, height, work_job_id)
            VALUES (1, 1, 'bring-test.jpg', 8, 6, (SELECT min(id) FROM work_jobs))");
        (new BenchFileOut(self::bench()))->write($this->path);
    }

    public function test_every_page_says_the_same_there(): void
    {
        $this->fill();
        $this->give('/api/benches/file/preview')
            ->assertOk()
            ->assertJsonPath('name', 'Orchard Row 2');
        self::assertSame(1, Bench::query()->count());
        $before = $this->pages();
        $this->give('/api/benches/file')->assertCreated()->assertJsonPath('benches.0.name', 'Orchard Row 2');
        $bench = User::query()->firstOrFail()->bench;
        self::assertSame('Orchard Row 2', $bench->name);
        $after = $this->pages();
        $other = [];
        foreach ($before as $page => $said) {
            if ($said !== $after[$page]) {
                $other[$page] = array_slice(array_diff(explode("\n", $said), explode("\n", $after[$page])), 0, 3);
            }
        }
        self::assertSame([], $other);
        self::assertSame([], DB::select('PRAGMA foreign_key_check'));
        $this->keepsToItself($bench);
        self::assertNotSame('bring-test.jpg', Photo::of($bench)->firstOrFail()->file);
        self::assertFileEquals(
            PhotoFile::folder().'/bring-test.jpg',
            PhotoFile::folder().'/'.Photo::of($bench)->firstOrFail()->file,
        );
    }

    /** Undoing all of its diary there touches nothing of the bench it came from. */
    private function keepsToItself(Bench $bench): void
    {
        $first = Bench::query()->whereKeyNot($bench->id)->firstOrFail();
        $was = $this->contentOf($first);
        foreach (DiaryEntry::of($bench)->latest('id')->limit(80)->pluck('id') as $entry) {
            $this->ask('POST', "/api/diary/$entry/undo");
        }
        self::assertSame($was, $this->contentOf($first));
    }

    private function contentOf(Bench $bench): string
    {
        $path = "$this->path.again";
        (new BenchFileOut($bench))->write($path);
        $zip = new ZipArchive();
        $zip->open($path);
        $all = '';
        for ($entry = 0; $entry < $zip->numFiles; $entry++) {
            $all .= $zip->getNameIndex($entry).md5((string) $zip->getFromIndex($entry))."\n";
        }
        unlink($path);

        return $all;
    }

    /** @return array<string, string> what pages say, but for numbers of records, by address */
    private function pages(): array
    {
        $said = [];
        $asked = [
            '/api/bench', '/api/kit', '/api/kit/ladder', '/api/kit/idle', '/api/care', '/api/edges',
            '/api/edges/outlook', '/api/rack', '/api/works', '/api/references', '/api/season', '/api/blanks',
            '/api/shadow-boards', '/api/saws', '/api/guides', '/api/looks', '/api/three-edges', '/api/winding',
            '/api/diary', '/api/plans',
        ];
        foreach ($asked as $page) {
            $said[$page] = $this->plain($page);
        }
        foreach (['edges' => 'edges', 'works' => 'works', 'references' => 'references'] as $list => $key) {
            foreach ($this->ask('GET', "/api/$list")->json($key) as $place => $one) {
                $said["$list $place"] = $this->plain("/api/$list/{$one['id']}");
            }
        }
        foreach (['sessions' => 'bench_sessions', 'jobs' => 'work_jobs'] as $page => $table) {
            $ids = DB::table($table)->where('bench_id', $this->at())->orderBy('id')->pluck('id');
            foreach ($ids as $place => $id) {
                $said["$page $place"] = $this->plain("/api/$page/$id");
            }
        }

        return $said;
    }

    private function at(): int
    {
        return User::query()->firstOrFail()->bench->id;
    }

    private function plain(string $page): string
    {
        $content = (string) $this->ask('GET', $page)->assertOk()->getContent();
        $named = 'id|[a-z]+Id|running|entry|offer|hone|work';
        $lists = 'runs|running|edges|owned|holds|tools|squares|ids';
        $content = (string) preg_replace("~(/|stone-|\"key\":\"[a-z]+-|\"(?:$named)\":\"?)\\d+~", '$1N', $content);
        $content = (string) preg_replace("~\"value\":\"\\d+\"|\"(?:$lists)\":\[[\\d,]*\]~", 'ids', $content);

        return str_replace(',"', ",\n\"", str_replace('Orchard Row 2', 'Orchard Row', $content));
    }

    public function test_it_is_taken_back_until_something_is_written_there(): void
    {
        $this->fill();
        $was = $this->contentOf(self::bench());
        $bench = $this->give('/api/benches/file')->json('benches.0.id');
        $this->ask('GET', '/api/benches')->assertJsonPath('benches.0.justBrought', true);
        $this->ask('DELETE', "/api/benches/$bench/brought")
            ->assertOk()
            ->assertJsonCount(1, 'benches')
            ->assertJsonPath('benches.0.name', 'Orchard Row');
        self::assertSame($was, $this->contentOf(self::bench()));
        $this->ask('POST', "/api/benches/$bench/enter")->assertNotFound();
        $this->ask('GET', '/api/kit')->assertOk();
        self::assertNotSame($bench, DemoBench::leave()->id, 'nobody is led to it');
        $this->ask('POST', '/api/benches', ['name' => 'Orchard Row 2'])->assertCreated();
        $this->ask('POST', '/api/benches/1/enter')->assertOk();

        $bench = $this->give('/api/benches/file')->json('benches.0.id');
        $this->ask('POST', '/api/looks', ['kind' => 'jack-plane'])->assertCreated();
        $this->ask('DELETE', "/api/benches/$bench/brought")
            ->assertStatus(409)
            ->assertJsonPath('errors.0.message', 'Something was written at that bench since: it stays.');
        $this->ask('DELETE', '/api/benches/1/brought')->assertStatus(409);
    }

    public function test_what_names_a_strangers_record_or_is_no_picture_is_refused_whole(): void
    {
        $this->fill();
        $whole = (string) file_get_contents($this->path);
        $forged = [
            'tables/edges.jsonl' => ['"tool_id":1,', '"tool_id":99999,'],
            'tables/diary_entries.jsonl' => ['"table":"tools","id":', '"table":"users","id":'],
            'tables/tools.jsonl' => ['"bench_id":1,', '"bench_id":2,'],
            'tables/shadow_boards.jsonl' => ['"tools":[', '"tools":[-4,'],
        ];
        foreach ($forged as $name => [$from, $to]) {
            file_put_contents($this->path, $whole);
            $zip = new ZipArchive();
            $zip->open($this->path);
            $lines = (string) $zip->getFromName($name);
            self::assertStringContainsString($from, $lines, $name);
            $zip->addFromString($name, (string) preg_replace('/'.preg_quote($from, '/').'/', $to, $lines, 1));
            $zip->close();
            $this->give('/api/benches/file')->assertStatus(422)->assertJsonPath('errors.0.field', 'file');
        }
        file_put_contents($this->path, $whole);
        $zip = new ZipArchive();
        $zip->open($this->path);
        $zip->addFromString(BenchFile::photo('bring-test.jpg'), '<?php echo 1;');
        $zip->close();
        $this->give('/api/benches/file')
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'That file has a photograph that is none: “bring-test.jpg”.');
        file_put_contents($this->path, 'no zip');
        $this->give('/api/benches/file/preview')
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'bench.zip is no file of a bench.');
        self::assertSame(1, Bench::query()->count());
    }
}

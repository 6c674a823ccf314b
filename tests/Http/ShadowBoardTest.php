<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;
use App\Tool\ToolStatus;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A shadow board is laid out, kept and printed at true size. */
final class ShadowBoardTest extends HttpTestCase
{
    /** The stroke of an outline, by which it is told from frames and diamonds. */
    private const BODY = '0.35';

    /** @return array<string, mixed> every tool that usually hangs */
    private function form(string $width = '1800', string $height = '1200', string $room = '25'): array
    {
        $tools = array_column(
            array_filter(
                $this->ask('GET', '/api/shadow-boards')->assertOk()->json('tools'),
                static fn (array $tool): bool => $tool['isUsual'],
            ),
            'id',
        );

        return [
            'name' => 'panel by the door',
            'width' => $width,
            'height' => $height,
            'room' => $room,
            'tools' => $tools,
        ];
    }

    /** @param  array<string, mixed>  $form */
    private function keep(array $form): int
    {
        return (int) array_column(
            $this->ask('POST', '/api/shadow-boards', $form)->assertCreated()->json('boards'),
            'id',
            'name',
        )[$form['name']];
    }

    private function file(int $board, string $what): string
    {
        return (string) $this->get("/api/shadow-boards/$board/$what")
            ->assertOk()
            ->getContent();
    }

    public function test_it_is_laid_out_while_it_is_typed(): void
    {
        $form = $this->form();
        $preview = $this->ask('POST', '/api/shadow-boards/preview', $form)
            ->assertOk()
            ->assertJsonPath('sound', true)
            ->assertJsonPath('left', []);
        self::assertCount(count($form['tools']), $preview->json('hung'));
        self::assertStringStartsWith('All '.count($form['tools']).' hang: print ', $preview->json('next.says'));
        $this->ask('POST', '/api/shadow-boards/preview', [...$form, 'width' => '80 cm', 'height' => ''])
            ->assertJsonPath('figures.width.understood', '800 mm · 31 1/2 in')
            ->assertJsonPath('panel', null);
    }

    public function test_it_is_kept_changed_found_and_taken_off(): void
    {
        $form = $this->form();
        $id = $this->keep($form);
        $this->ask('GET', '/api/search?q=by+the+door')->assertJsonPath('hits.0.id', $id);
        $this->ask('PUT', "/api/shadow-boards/$id", [...$form, 'room' => '40', 'version' => 1])->assertOk();
        self::assertSame(
            '40',
            array_column($this->ask('GET', '/api/shadow-boards')->json('boards'), 'room', 'id')[$id],
        );
        $this->ask('PUT', "/api/shadow-boards/$id", [...$form, 'version' => 1])->assertStatus(409);
        $this->ask('DELETE', "/api/shadow-boards/$id", ['version' => 2])->assertOk();
        self::assertNotContains($id, $this->ask('GET', '/api/shadow-boards')->json('boards.*.id'));
    }

    public function test_what_cannot_be_is_told_beside_its_field_and_nothing_is_kept(): void
    {
        $before = $this->ask('GET', '/api/shadow-boards')->json('boards');
        $wrong = [
            'width' => ['width' => '20'],
            'height' => ['height' => ''],
            'room' => ['room' => 'a hand'],
            'tools' => ['tools' => []],
        ];
        foreach ($wrong as $field => $change) {
            $this->ask('POST', '/api/shadow-boards', [...$this->form(), ...$change])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', $field);
        }
        self::assertStringStartsWith(
            'The panel is smaller than each of the tools: ',
            $this->ask('POST', '/api/shadow-boards', [
                ...$this->form('110', '110'),
                'tools' => [Tool::of(self::bench())->where('kind', 'jack-plane')->firstOrFail()->id],
            ])->json('errors.0.message'),
        );
        self::assertSame($before, $this->ask('GET', '/api/shadow-boards')->json('boards'));
    }

    public function test_what_is_put_away_or_wanted_does_not_hang(): void
    {
        $bench = self::bench();
        $wanted = Tool::of($bench)->where('status', ToolStatus::Wanted)->firstOrFail()->id;
        $away = (int) Tool::of($bench)->where('status', ToolStatus::Owned)->firstOrFail()->id;
        Tool::of($bench)
            ->whereKey($away)
            ->update(['away_on' => '2026-11-01']);
        self::assertSame(
            [],
            array_intersect([$wanted, $away], $this->ask('GET', '/api/shadow-boards')->json('tools.*.id')),
        );
        self::assertSame(
            [],
            $this->ask('POST', '/api/shadow-boards/preview', [...$this->form(), 'tools' => [$wanted, $away]])->json(
                'hung',
            ),
        );
    }

    /**
     * Read back from the printed file and asked of GEOS, which knows nothing of how it was packed: on random panels no
     * two tools' outlines come nearer to each other than the hand's room, and all lie on the panel.
     */
    public function test_no_two_outlines_on_a_printed_board_overlap(): void
    {
        $chance = new Randomizer(new Mt19937(11));
        foreach (range(1, 4) as $trial) {
            $room = $chance->getInt(5, 60);
            $form = $this->form(
                (string) $chance->getInt(700, 2200),
                (string) $chance->getInt(500, 1500),
                (string) $room,
            );
            $tools = $chance->pickArrayKeys($form['tools'], $chance->getInt(5, count($form['tools'])));
            $id = $this->keep(
                [
                    'name' => "board $trial",
                    'tools' => array_map(static fn (int|string $key): int => $form['tools'][$key], $tools),
                ] + $form,
            );
            $svg = new Svg($this->file($id, 'whole.svg'));
            [, , $width, $height] = array_map(floatval(...), explode(' ', $svg->root->getAttribute('viewBox')));
            $shapes = $svg->polygons();
            self::assertGreaterThan(1, count($shapes));
            $all = array_map(
                static fn (array $polygons): string => 'GEOMETRYCOLLECTION ('.implode(', ', $polygons).')',
                array_values($shapes),
            );
            // A rectangle covers a shape when it has all of its corners.
            preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', implode(' ', $all), $corners);
            [, $x, $y] = array_map(static fn (array $texts): array => array_map(floatval(...), $texts), $corners);
            self::assertSame(0.0, min([0.0, ...$x, ...$y]));
            self::assertLessThanOrEqual($width, max([0.0, ...$x]));
            self::assertLessThanOrEqual($height, max([0.0, ...$y]));
            foreach (self::geos($all, $all, 'distance') as $pair => $distance) {
                $isItself = intdiv($pair, count($all)) === $pair % count($all);
                self::assertGreaterThanOrEqual(
                    $isItself ? 0.0 : $room - 0.6,
                    (float) $distance,
                    array_keys($shapes)[$pair % count($all)],
                );
            }
        }
    }

    /**
     * @param  list<string>  $one  well-known text
     * @param  list<string>  $other
     * @return list<string> the answer for every pair, row by row
     */
    private static function geos(array $one, array $other, string $asked): array
    {
        $files = array_map(
            static function (array $shapes): string {
                $file = (string) tempnam(sys_get_temp_dir(), 'wkt');
                file_put_contents($file, implode("\n", $shapes)."\n");

                return $file;
            },
            [$one, $other],
        );
        exec("geosop -f wkt -a {$files[0]} -b {$files[1]} $asked", $answers, $status);
        array_map(unlink(...), $files);
        self::assertSame(0, $status, implode("\n", $answers));
        self::assertCount(count($one) * count($other), $answers);

        return $answers;
    }

    /** Put together by their names, the sheets carry the board's lines: as long together, and each where it was. */
    public function test_the_sheets_together_are_the_board_at_true_size(): void
    {
        $id = $this->keep($this->form('1500', '1300'));
        $whole = new Svg($this->file($id, 'whole.svg'));
        self::assertSame(
            ['1500mm', '1300mm', '0 0 1500 1300'],
            array_map($whole->root->getAttribute(...), ['width', 'height', 'viewBox']),
        );
        $names = array_column(
            $this->ask('POST', '/api/shadow-boards/preview', $this->form('1500', '1300'))->json('sheets'),
            'name',
        );
        $printed = 0.0;
        foreach ($names as $name) {
            $form = new Svg($this->file($id, "$name.svg"));
            self::assertSame(['210mm', '297mm'], array_map($form->root->getAttribute(...), ['width', 'height']));
            $check = array_filter(
                $form->lines(),
                static fn (array $line): bool => abs($line[2] - $line[0] - 100.0) < 0.2 && $line[1] === $line[3],
            );
            self::assertNotSame([], $check, "$name has no line of 100 mm");
            $printed += array_sum(
                array_map(
                    static fn (array $line): float => hypot($line[2] - $line[0], $line[3] - $line[1]),
                    $form->lines(self::BODY),
                ),
            );
        }
        // A third of a millimetre in eighty metres: what rounding to a thousandth leaves.
        self::assertEqualsWithDelta($whole->length(self::BODY), $printed, 1.0);
        $this->get("/api/shadow-boards/$id/Z9.svg")->assertNotFound();
    }

    /** A page each and one that shows how they lie; in the file the line of 100 mm is 283.46 points long. */
    public function test_all_sheets_are_one_pdf(): void
    {
        $form = $this->form('900', '700');
        $count = count($this->ask('POST', '/api/shadow-boards/preview', $form)->json('sheets'));
        $pdf = $this->file($this->keep($form), 'sheets.pdf');
        self::assertSame($count + 1, preg_match_all('/\/Type \/Page\b/', $pdf));
        preg_match_all('/stream\r?\n(.*?)endstream/s', $pdf, $streams);
        $second = (string) @gzuncompress($streams[1][1] ?? '');
        preg_match_all('/([\d.]+) ([\d.]+) m ([\d.]+) ([\d.]+) l S/', $second, $lines, PREG_SET_ORDER);
        self::assertNotSame(
            [],
            array_filter(
                $lines,
                static fn (array $line): bool => abs((float) $line[3] - (float) $line[1] - 283.46) < 0.05 &&
                    $line[2] === $line[4],
            ),
        );
    }
}

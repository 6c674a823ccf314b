<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Photo\Photo;
use App\Photo\PhotoFile;
use App\Tool\Tool;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;

/** A second-hand tool looked over, half done and gone on with, bought and mended. */
final class LookTest extends HttpTestCase
{
    /**
     * @param  array<string, mixed>  $look
     * @param  array<string, array{0: string|null, 1?: list<string>}>  $found
     * @return array<string, mixed>
     */
    private static function form(array $look, array $found, string $asked = ''): array
    {
        return [
            'version' => $look['version'],
            'name' => 'jack plane from the market',
            'asked' => $asked,
            'good' => '100',
            'perHour' => '12',
            'found' => array_map(
                static fn (string $check, array $one): array => [
                    'check' => $check,
                    'outcome' => $one[0],
                    'readings' => $one[1] ?? [],
                ],
                array_keys($found),
                $found,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function begun(): array
    {
        return $this->ask('POST', '/api/looks', ['kind' => 'jack-plane'])
            ->assertCreated()
            ->json();
    }

    /** @return TestResponse<Response> */
    private function photo(int $look, UploadedFile $file): TestResponse
    {
        return $this->call(
            'POST',
            "/api/looks/$look/photos",
            [],
            [],
            ['photo' => $file],
            ['HTTP_ACCEPT' => 'application/json', 'HTTP_X-XSRF-TOKEN' => ''],
        );
    }

    public function test_it_begins_with_the_first_check_and_a_good_ones_price(): void
    {
        $look = $this->begun();
        self::assertSame(
            ['cracks', 'Look for cracks: cheeks, mouth corners, behind the tote.'],
            [$look['nextCheck'], $look['next']['says']],
        );
        self::assertSame('105', $look['good']);
        $this->ask('POST', '/api/looks', ['kind' => 'story-stick'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'kind');
    }

    public function test_half_done_it_waits_as_it_is(): void
    {
        $look = $this->begun();
        $this->ask(
            'PUT',
            "/api/looks/{$look['id']}",
            self::form($look, ['cracks' => ['sound'], 'rust' => ['mend'], 'sole' => [null, ['0.3']]]),
        )
            ->assertOk()
            ->assertJsonPath('nextCheck', 'mouth');
        $page = $this->ask('GET', "/api/looks/{$look['id']}")
            ->assertOk()
            ->json();
        self::assertSame(['sound', 'mend', null], array_slice(array_column($page['checks'], 'outcome'), 0, 3));
        self::assertSame(['0.3'], $page['checks'][7]['typed']);
        self::assertSame('Flatten the sole, 56 min.', $page['checks'][7]['says']);
        self::assertContains(
            '3 of 8 checks made; offer at most € 39.',
            $this->ask('GET', '/api/looks')->json('looks.*.says'),
        );
    }

    public function test_one_crack_and_it_is_over(): void
    {
        $look = $this->begun();
        $this->ask('PUT', "/api/looks/{$look['id']}", self::form($look, ['cracks' => ['walk-away']]))
            ->assertOk()
            ->assertJsonPath('next.says', 'Walk away.')
            ->assertJsonPath('most', '€ 0');
        $this->ask('POST', "/api/looks/{$look['id']}/left", ['version' => 2])
            ->assertOk()
            ->assertJsonPath('state', 'left');
        $this->ask('PUT', "/api/looks/{$look['id']}", self::form(['version' => 3], []))->assertStatus(409);
    }

    public function test_a_bought_one_enters_the_kit_with_what_is_to_be_mended(): void
    {
        $look = $this->begun();
        $found = [
            'cracks' => ['sound'],
            'rust' => ['mend'],
            'mouth' => ['sound'],
            'bed' => ['sound'],
            'iron' => [null, ['8']],
            'screws' => ['sound'],
            'handles' => ['sound'],
            'sole' => [null, ['0.05']],
        ];
        $saved = $this->ask('PUT', "/api/looks/{$look['id']}", self::form($look, $found, '40'))
            ->assertOk()
            ->assertJsonPath('next.says', 'Take it: € 40 is asked, and it is worth € 56 to you.');
        $tool = $this->ask('POST', "/api/looks/{$look['id']}/bought", [
            'version' => $saved->json('version'),
            'price' => '40',
        ])
            ->assertOk()
            ->assertJsonPath('state', 'bought')
            ->json('toolId');
        $this->ask('GET', "/api/tools/$tool")
            ->assertOk()
            ->assertJsonPath('tool.name', 'jack plane from the market')
            ->assertJsonPath('tool.status', 'owned');
        $this->ask('GET', '/api/diary')->assertJsonPath(
            'entries.0.sentence',
            'Bought the jack plane from the market for € 40, second-hand. 2 things to mend.',
        );
        $upkeep = array_values(
            array_filter(
                $this->ask('GET', '/api/bench')->json('upkeep'),
                static fn (array $line): bool => str_ends_with($line['says'], 'jack plane from the market.'),
            ),
        );
        self::assertSame(
            [
                'Take the rust off, wet and with a mask: the jack plane from the market.',
                'A new iron: the jack plane from the market.',
            ],
            array_column($upkeep, 'says'),
        );
        $after = $this->ask('POST', "/api/upkeep/{$upkeep[0]['key']}/done")->assertOk();
        self::assertNotContains($upkeep[0]['key'], $after->json('upkeep.*.key'));
        $this->ask('POST', "/api/upkeep/{$upkeep[0]['key']}/done")->assertNotFound();
        $this->ask('POST', '/api/upkeep/nothing-1/done')->assertNotFound();
    }

    /** A price below nothing is asked about beside its field; what was found is kept all the same. */
    #[TestWith(['good', ''])]
    #[TestWith(['asked', '-5'])]
    #[TestWith(['perHour', 'much'])]
    public function test_a_price_below_nothing_stands_beside_its_field(string $field, string $typed): void
    {
        $look = $this->begun();
        $page = $this->ask('PUT', "/api/looks/{$look['id']}", [
            ...self::form($look, ['cracks' => ['sound']]),
            $field => $typed,
        ])
            ->assertOk()
            ->json();
        self::assertSame([$field], array_keys($page['complaints']));
        self::assertSame('sound', $page['checks'][0]['outcome']);
        $this->ask('PUT', "/api/looks/{$look['id']}", [...self::form(['version' => 2], []), 'name' => ''])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'name');
    }

    public function test_a_reading_no_such_tool_has_is_refused_and_nothing_is_lost(): void
    {
        $look = $this->begun();
        $page = $this->ask(
            'PUT',
            "/api/looks/{$look['id']}",
            self::form($look, ['iron' => [null, ['900']], 'cracks' => ['sound']]),
        )
            ->assertOk()
            ->json();
        self::assertStringStartsWith('No jack plane has that', $page['checks'][4]['readings'][0]['error']);
        self::assertSame(['900', 'sound'], [$page['checks'][4]['typed'][0], $page['checks'][0]['outcome']]);
    }

    /** A photograph is drawn anew: smaller, upright, and nothing left of what the camera wrote. */
    public function test_a_photograph_is_shrunk_and_stripped(): void
    {
        $look = $this->begun();
        $file = UploadedFile::fake()->createWithContent('plane.jpg', self::jpegWithPlace(2000, 1000));
        $photo = $this->photo($look['id'], $file)->assertCreated()->json('photos.0');
        // Held upright by the phone: turned, so that its long side stands.
        self::assertSame([640, 1280], [$photo['width'], $photo['height']]);
        $kept = (string) file_get_contents(PhotoFile::folder().'/'.Photo::of(self::bench())->firstOrFail()->file);
        self::assertStringNotContainsString('Exif', $kept);
        self::assertStringNotContainsString('N 47 11', $kept);
        $this->get("/api/photos/{$photo['id']}")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
        $this->ask('DELETE', "/api/photos/{$photo['id']}", ['version' => 1])->assertOk();
        $this->ask('GET', "/api/looks/{$look['id']}")->assertJsonPath('photos', []);
    }

    public function test_a_file_that_is_no_picture_is_refused(): void
    {
        $look = $this->begun();
        $this->photo($look['id'], UploadedFile::fake()->createWithContent('plane.jpg', '<?php echo 1;'))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'photo');
        $this->photo(
            $look['id'],
            UploadedFile::fake()->createWithContent('plane.jpg', substr(self::jpegWithPlace(200, 100), 0, 300)),
        )
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'photo');
        $this->ask('GET', "/api/looks/{$look['id']}")->assertJsonPath('photos', []);
    }

    /** A small file that says it is 30,000 by 30,000: it is refused by its head, and never drawn. */
    public function test_a_bomb_of_pixels_is_refused_before_it_is_drawn(): void
    {
        $head = pack('N', 30_000).pack('N', 30_000)."\x08\x02\x00\x00\x00";
        $png = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.$head.pack('N', crc32("IHDR$head"));
        $look = $this->begun();
        $before = memory_get_peak_usage();
        $this->photo($look['id'], UploadedFile::fake()->createWithContent('plane.png', $png))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'That picture has over 50 million pixels. Make it smaller first.');
        self::assertLessThan($before + 50_000_000, memory_get_peak_usage());
        $this->ask('GET', "/api/looks/{$look['id']}")->assertJsonPath('photos', []);
    }

    /** A JPEG with an Exif block: held upright (orientation 6), and a place in clear text. */
    private static function jpegWithPlace(int $width, int $height): string
    {
        $picture = imagecreatetruecolor(max(1, $width), max(1, $height));
        ob_start();
        imagejpeg($picture);
        $jpeg = (string) ob_get_clean();
        $tiff = "MM\0*".pack('N', 8).pack('n', 1).pack('nnNnn', 0x0112, 3, 1, 6, 0).pack('N', 0).'N 47 11';
        $block = "Exif\0\0".$tiff;

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($block) + 2).$block.substr($jpeg, 2);
    }

    public function test_sizes_read_at_the_stall_go_into_the_kit(): void
    {
        $look = $this->ask('POST', '/api/looks', ['kind' => 'dovetail-saw'])
            ->assertCreated()
            ->assertJsonPath('dimensions.1.name', 'depth')
            ->assertJsonPath('dimensions.1.usual', '45')
            ->json();
        $form =
            ['name' => 'dovetail saw', 'sizes' => ['tpi' => '18', 'length' => 'long']] +
            self::form($look, ['plate' => [null, ['41']]]);
        $saved = $this->ask('PUT', "/api/looks/{$look['id']}", $form)
            ->assertOk()
            ->assertJsonPath('dimensions.1.usual', '41')
            ->json();
        self::assertNotNull($saved['figures']['length']['error']);
        $tool = $this->ask('POST', "/api/looks/{$look['id']}/bought", ['version' => $saved['version'], 'price' => '15'])
            ->assertOk()
            ->json('toolId');
        // What could not be read is left as usual; the plate measured at the toe is the saw's depth.
        self::assertEquals(
            ['tpi' => 18, 'depth' => 41],
            Tool::of(self::bench())->where('id', $tool)->firstOrFail()->size,
        );
        $this->ask('GET', "/api/tools/$tool")->assertJsonPath('tool.name', 'dovetail saw, 250 mm, 18 teeth per inch');
        $this->ask('GET', '/api/diary')->assertJsonPath(
            'entries.0.sentence',
            'Bought the dovetail saw, 250 mm, 18 teeth per inch for € 15, second-hand.',
        );
    }

    /** Left half done in millimetres, gone on with in inches: what was read stays what it was. */
    public function test_readings_keep_the_unit_they_were_typed_in(): void
    {
        $look = $this->begun();
        $form = ['sizes' => ['length' => '355']] + self::form($look, ['sole' => [null, ['0.3']]]);
        $this->ask('PUT', "/api/looks/{$look['id']}", $form)->assertOk();
        $this->ask('PUT', '/api/preferences', ['unit' => 'inch'])->assertOk();
        $page = $this->ask('GET', "/api/looks/{$look['id']}")
            ->assertOk()
            ->json();
        self::assertSame(
            [['0.3 mm'], '355 mm', 'Flatten the sole, 56 min.'],
            [$page['checks'][7]['typed'], $page['sizes']['length'], $page['checks'][7]['says']],
        );
        $tool = $this->ask('POST', "/api/looks/{$look['id']}/bought", [
            'version' => $page['version'],
            'price' => '',
        ])->json('toolId');
        self::assertEqualsWithDelta(
            355.0,
            Tool::of(self::bench())->where('id', $tool)->firstOrFail()->size['length'],
            1e-9,
        );
    }

    /** What is read on the way to the stall is what is asked there, check by check. */
    public function test_what_is_looked_at_is_told_before_there_is_a_tool(): void
    {
        $kind = $this->ask('GET', '/api/looks/kinds/jack-plane')->assertOk()->json();
        self::assertSame(
            array_column($this->begun()['checks'], 'asks'),
            array_column($kind['checks'], 'asks'),
        );
        self::assertSame('jack plane', $kind['name']);
        $this->ask('GET', '/api/looks/kinds/fence-post')->assertNotFound();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** What holds for each view on both grounds and at both widths. */
final class EveryViewTest extends BrowserTestCase
{
    private const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

    /** @return iterable<string, array{string, int}> */
    public static function grounds(): iterable
    {
        foreach (['light', 'dark'] as $ground) {
            foreach ([1280, 360] as $width) {
                yield "$ground, $width wide" => [$ground, $width];
            }
        }
    }

    #[DataProvider('grounds')]
    public function test_no_view_breaks_the_rules_of_access_or_its_width(string $ground, int $width): void
    {
        $this->device($width, $ground);
        $broken = [];
        foreach ($this->views() as $view) {
            $this->open($view);
            usleep(250_000);
            $broken += array_filter([$view => $this->violations()]);
            self::assertLessThanOrEqual($width, $this->browser->executeScript('return document.documentElement.scrollWidth'), "$view is wider than $width");
        }
        self::assertSame([], $broken, "$ground, $width wide");
        self::assertSame([], $this->severeLogs());
    }

    /** @return list<string> */
    private function views(): array
    {
        $ids = static fn (string $of): array => array_column((array) json_decode((string) file_get_contents(self::server()->url("/api/$of")), true)[$of], 'id');
        $paths = array_column((array) json_decode((string) file_get_contents(self::server()->url('/api/references')), true)['references'], 'path');
        $this->startSession($ids('edges')[0]);
        $session = $this->browser->getCurrentURL();

        return [
            '/', '/kit', '/kit/add', '/kit/add?kind=jack-plane', '/kit/tools/'.$this->first('board'), '/kit/works', '/kit/works/'.$this->first('works'), '/kit/works/new', '/kit/works/new?pattern=tenoned-stand', '/kit/ladder', '/kit/fit/saws', '/kit/fit/marks', '/kit/school', '/kit/care', '/kit/idle', '/kit/look', '/kit/look/'.$ids('looks')[0], '/edges', '/edges/day', '/edges/rack', '/edges/rack?stone=new', '/edges/guides', '/edges/guides/new', '/edges/files', ...array_map(static fn (string $page): string => '/edges/'.$ids('edges')[0].$page, ['', '/geometry', '/diary']), '/true', '/true/add', '/true/known', '/true/winding', '/true/three-edges', ...$paths, '/diary', '/nowhere', (string) parse_url($session, PHP_URL_PATH),
        ];
    }

    private function first(string $list): int
    {
        return json_decode((string) file_get_contents(self::server()->url('/api/kit')), true)[$list][0]['id'];
    }

    private function startSession(int $edge): void
    {
        $this->open("/edges/$edge");
        $this->press('Start at the bench');
        $this->seesText('Fetch the');
    }

    /** @return list<string> */
    private function violations(): array
    {
        $this->browser->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        /** @var list<string> $found */
        $found = $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1];'
            .'axe.run(document, {runOnly: arguments[0]}).then(r => done(r.violations.map(v => v.id + ": " + v.nodes.map(n => n.target + " " + n.failureSummary).join(" | "))))',
            [self::RULES],
        );

        return $found;
    }

    /** @return list<string> */
    private function severeLogs(): array
    {
        /** @var list<array{level: string, message: string}> $log */
        $log = $this->browser->manage()->getLog('browser');

        return array_values(array_column(array_filter($log, static fn (array $line): bool => $line['level'] === 'SEVERE'), 'message'));
    }
}

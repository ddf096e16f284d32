<?php

declare(strict_types=1);

namespace Facelift\Calibration;

use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Unreadable;

/**
 * A dump as a document: `facelift-dump`.
 *
 * The bytes are covered by a check sum per block and one over the whole, panel and layout by one of their own: a dump
 * that was changed anywhere is refused whole.
 *
 * @phpstan-import-type FieldMembers from LayoutFormat
 */
final readonly class DumpDocument
{
    public const FORMAT = 'facelift-dump';

    public const VERSION = 1;

    /**
     * @return array{
     *     format: string, version: int, panel: string, connector: string,
     *     layout: array{code: string, size: int, block: int, fields: list<FieldMembers>},
     *     headCrc32: string, blocks: list<array{at: int, bytes: string, crc16: string}>, crc32: string,
     * }
     */
    public function write(Dump $dump): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'panel' => $dump->panel,
            'connector' => $dump->connector,
            'layout' => (new LayoutFormat())->write($dump->layout),
            'headCrc32' => self::head($dump->panel, $dump->connector, $dump->layout),
            'blocks' => array_map(static fn(Block $b): array => [
                'at' => $b->at,
                'bytes' => strtoupper(bin2hex($b->bytes)),
                'crc16' => \sprintf('%04X', $b->crc16()),
            ], $dump->blocks()),
            'crc32' => \sprintf('%08X', $dump->crc32()),
        ];
    }

    /**
     * @param mixed $document decoded JSON
     *
     * @throws Unreadable With the path of everything that is wrong.
     */
    public function read(mixed $document): Dump
    {
        $faults = new Faults();
        $root = Node::root($document, $faults)->only(
            'format',
            'version',
            'panel',
            'connector',
            'layout',
            'headCrc32',
            'blocks',
            'crc32',
        );
        if ($root->string('format') !== self::FORMAT) {
            $root->fault('format', 'must be ' . self::FORMAT);
        }
        $root->int('version', self::VERSION, self::VERSION);
        [$panel, $connector] = [$root->string('panel'), $root->string('connector')];
        $layout = (new LayoutFormat())->read($root->node('layout'));
        $blocks = $root->each('blocks', self::block(...));
        $said = $root->string('headCrc32');
        if (!$faults->any()) {
            self::same($root, 'headCrc32', $said, self::head($panel, $connector, $layout));
            self::inRow($root, $layout, $blocks);
        }
        $bytes = implode('', array_map(static fn(Block $b): string => $b->bytes, $blocks));
        self::same($root, 'crc32', $root->string('crc32'), \sprintf('%08X', Checksum::crc32($bytes)));
        if ($faults->any()) {
            throw Unreadable::because('dump', $faults->all());
        }

        return Dump::of($panel, $connector, $layout, $bytes);
    }

    private static function block(Node $node): Block
    {
        $node->only('at', 'bytes', 'crc16');
        $hex = $node->string('bytes');
        $good = preg_match('/^(?:[0-9A-F]{2})+$/D', $hex) === 1;
        if (!$good) {
            $node->fault('bytes', 'must be pairs of hexadecimal digits');
        }
        $block = new Block($node->int('at', 0, IntelHex::LARGEST), $good ? (string) hex2bin($hex) : '');
        self::same($node, 'crc16', $node->string('crc16'), \sprintf('%04X', $block->crc16()));

        return $block;
    }

    /** @param list<Block> $blocks */
    private static function inRow(Node $root, MemoryLayout $layout, array $blocks): void
    {
        if (\count($blocks) !== $layout->blocks()) {
            $root->fault('blocks', \sprintf('are %d, the layout has %d', \count($blocks), $layout->blocks()));
        }
        foreach ($blocks as $i => $block) {
            if ($block->at !== $i * $layout->block) {
                $root->fault("blocks[$i].at", \sprintf('is %d, must be %d', $block->at, $i * $layout->block));
            }
            if (\strlen($block->bytes) !== $layout->block) {
                $root->fault(
                    "blocks[$i].bytes",
                    \sprintf('are %d, a block has %d', \strlen($block->bytes), $layout->block),
                );
            }
        }
    }

    private static function same(Node $node, string $key, string $said, string $found): void
    {
        if ($said !== $found) {
            $node->fault($key, \sprintf('is %s, what it covers gives %s', $said, $found));
        }
    }

    /** CRC-32 over panel, connector and layout, each member on a line of its own. */
    private static function head(string $panel, string $connector, MemoryLayout $layout): string
    {
        $lines = [$panel, $connector, $layout->code, $layout->size, $layout->block];
        foreach ($layout->fields as $f) {
            $scale = \sprintf('%.12g', $f->scale);
            array_push(
                $lines,
                $f->name,
                $f->kind->value,
                $f->at,
                $f->encoding->value,
                $f->count,
                $scale,
            );
        }

        return \sprintf('%08X', Checksum::crc32(implode("\n", $lines)));
    }
}

import { render } from '@testing-library/react';
import { useLaunchedFile } from './useLaunchedFile';

type Take = (launch: { files?: { getFile: () => Promise<File> }[] }) => void;

function Opened({ look }: { readonly look: (file: File) => Promise<void> }) {
  useLaunchedFile(look);
  return null;
}

afterEach(() => Reflect.deleteProperty(window, 'launchQueue'));

describe('a file with which the installed app was opened', () => {
  it('is looked at; a start without one asks nothing', async () => {
    let take: Take = () => undefined;
    Object.assign(window, { launchQueue: { setConsumer: (given: Take) => (take = given) } });
    const look = jest.fn(() => Promise.resolve());
    render(<Opened look={look} />);
    take({ files: [] });
    take({});
    expect(look).not.toHaveBeenCalled();
    const file = new File(['{}'], 'room.lomvik.json');
    take({ files: [{ getFile: () => Promise.resolve(file) }] });
    await Promise.resolve();
    await Promise.resolve();
    expect(look).toHaveBeenCalledWith(file);
  });
  it('asks nothing of a browser that hands none over', () => {
    expect(() => render(<Opened look={() => Promise.resolve()} />)).not.toThrow();
  });
});

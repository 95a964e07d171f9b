// The shop: its irons, blocks, glory holes, annealers and torch stock, as every plan takes them.
import { tr } from '@zanfirico/core/words';
import { useEffect } from 'react';
import { sentenceOf } from '../../api/client';
import { useNotices } from '../../stores/notices';
import { useShop } from '../../stores/theShop';
import { NetworkSwitch } from './screens/NetworkSwitch';
import { Annealers } from './shop/Annealers';
import { Blocks } from './shop/Blocks';
import { GloryHoles } from './shop/GloryHoles';
import { Irons } from './shop/Irons';
import { PotDepth } from './shop/PotDepth';
import { TorchStockFields } from './shop/TorchStock';
import { useShopLists } from './shop/useShopLists';

export function ShopSheet() {
  const load = useShop((s) => s.load);
  const trouble = useNotices((s) => s.trouble);
  const lists = useShopLists();
  useEffect(() => {
    load().catch((error: unknown) => {
      trouble(sentenceOf(error));
    });
  }, [load, trouble]);
  if (!lists) return <p className="quiet py-10">{tr`Fetching the shop …`}</p>;
  return (
    <div className="grid gap-x-14 *:min-w-0 lg:grid-cols-2">
      <div>
        <Irons lists={lists} />
        <PotDepth lists={lists} />
        <GloryHoles lists={lists} />
        <Annealers lists={lists} />
      </div>
      <div>
        <TorchStockFields lists={lists} />
        <Blocks lists={lists} />
        <NetworkSwitch />
      </div>
    </div>
  );
}
